import { describe, expect, it, vi } from 'vitest';
import { Problem } from '../../api/client';
import type { RunEvent } from '../../api/types';
import { EventQueue, type Queued } from './queue';

const event = (id: string): RunEvent => ({ id, atS: 1, who: 'Ash', what: { type: 'started' } });
const nobodyAnswers = () => new Problem('No connection', '', {}, true);

function store() {
  const kept = new Map<string, Queued>();
  return {
    get: (k: string) => Promise.resolve(kept.get(k)),
    set: (k: string, v: Queued) => Promise.resolve(void kept.set(k, v)),
  };
}

describe('the queue of events', () => {
  it('keeps what nobody answered for, and sends it once each, in order, when the link is back', async () => {
    const storage = store();
    const taken: string[] = [];
    let online = false;
    const post = (e: RunEvent) => {
      if (!online) return Promise.reject(nobodyAnswers());
      taken.push(e.id);
      return Promise.resolve();
    };
    const phone = new EventQueue('q', storage, post);
    await phone.add(event('a'));
    await phone.add(event('b'));
    expect(phone.snapshot().pending.map((e) => e.id)).toEqual(['a', 'b']);
    // The page is closed and opened again before the link is back.
    const reopened = new EventQueue('q', storage, post);
    online = true;
    await reopened.add(event('c'));
    expect(taken).toEqual(['a', 'b', 'c']);
    expect(reopened.snapshot().pending).toEqual([]);
  });

  it('sets aside what was refused and goes on', async () => {
    const queue = new EventQueue('q', store(), (e) =>
      e.id === 'late' ? Promise.reject(new Problem('Not now', 'No stop is on its way.')) : Promise.resolve(),
    );
    await queue.add(event('late'));
    await queue.add(event('next'));
    expect(queue.snapshot()).toEqual({
      pending: [],
      refused: [{ event: event('late'), why: 'No stop is on its way.' }],
    });
    queue.forgetRefused();
    expect(queue.snapshot().refused).toEqual([]);
  });

  it('does not pile up presses that are refused for the same reason', async () => {
    const queue = new EventQueue('q', store(), () => Promise.reject(new Problem('Not now', 'Not now.')));
    for (const id of ['a', 'b', 'c']) await queue.add(event(id));
    await queue.add({ ...event('d'), what: { type: 'atRest' } });
    expect(queue.snapshot().refused.map((r) => r.event.id)).toEqual(['c', 'd']);
  });

  it('waits where nobody is signed in any more, and where nothing can be kept it still sends', async () => {
    let signedIn = false;
    const broken = {
      get: () => Promise.reject(new Error('no store')),
      set: () => Promise.reject(new Error('no store')),
    };
    const taken: string[] = [];
    const queue = new EventQueue('q', broken, (e) => {
      if (!signedIn) return Promise.reject(new Problem('Sign in', '', {}, false, 401));
      taken.push(e.id);
      return Promise.resolve();
    });
    await queue.add(event('a'));
    expect(queue.snapshot()).toEqual({ pending: [event('a')], refused: [] });
    signedIn = true;
    await queue.flush();
    expect(taken).toEqual(['a']);
  });

  it('never sends the same event twice at once', async () => {
    const taken: string[] = [];
    let release = () => {};
    const queue = new EventQueue('q', store(), (e) => {
      taken.push(e.id);
      return new Promise<void>((resolve) => (release = resolve));
    });
    const first = queue.add(event('a'));
    await queue.flush();
    await vi.waitFor(() => expect(taken).toHaveLength(1));
    release();
    await first;
    expect(taken).toEqual(['a']);
  });
});
