import { beforeEach, describe, expect, it, vi } from 'vitest';
import { sendPhotos, waitingPhotos, type Waiting } from './photoQueue';

const store = vi.hoisted(() => new Map<string, unknown>());
vi.mock('idb-keyval', () => ({
  entries: () => Promise.resolve([...store.entries()]),
  set: (key: string, value: unknown) => Promise.resolve(store.set(key, value)),
  del: (key: string) => Promise.resolve(store.delete(key)),
}));

const photo: Waiting = {
  id: 'p',
  testId: 't',
  subjectId: 's',
  who: 'Ash',
  jpeg: new Blob(['jpeg']),
};

const answers = (status: number, detail = 'said') =>
  vi.stubGlobal('fetch', () => Promise.resolve(new Response(JSON.stringify({ detail }), { status })));

describe('photos on their way', () => {
  beforeEach(() => {
    store.clear();
    store.set('frenum.photo.p', photo);
  });

  it('lets one go once it is kept', async () => {
    answers(200);
    await sendPhotos('t');
    expect(await waitingPhotos('t')).toEqual([]);
  });

  it.each([413, 422])('lets one go that is refused for what it is (%i), and says why', async (status) => {
    answers(status, 'not a picture');
    await expect(sendPhotos('t')).rejects.toThrow('not a picture');
    expect(await waitingPhotos('t')).toEqual([]);
  });

  it.each([404, 409, 421])(
    'keeps one that is refused for something else (%i), and says why',
    async (status) => {
      answers(status, 'the stop is not here');
      await expect(sendPhotos('t')).rejects.toThrow('the stop is not here');
      expect(await waitingPhotos('t')).toHaveLength(1);
    },
  );

  it.each([408, 500, 503])('waits while Frenum is busy or in trouble (%i)', async (status) => {
    answers(status);
    await sendPhotos('t');
    expect(await waitingPhotos('t')).toHaveLength(1);
  });
});
