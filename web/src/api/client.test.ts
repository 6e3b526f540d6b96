import { afterEach, describe, expect, it, vi } from 'vitest';
import { answering } from '../test-support/server';
import { api, as, ask, asksAs, Problem } from './client';

const people = () => ask(api.POST('/api/people'));

async function problemOf(call: Promise<unknown>): Promise<Problem> {
  const wrong: unknown = await call.catch((e: unknown) => e);
  if (wrong instanceof Problem) return wrong;
  throw new Error(`no problem: ${String(wrong)}`);
}

describe('a call', () => {
  afterEach(() => asksAs(''));

  it('carries whoever holds the device, in letters that a header may have', async () => {
    const sent = answering({ 'POST /people': () => ({ body: [] }) });
    asksAs(' Jürgen Größ ');
    await people();
    await ask(api.POST('/api/people', { headers: as('Åse, who held it before') }));
    expect(sent.map((s) => s.who)).toEqual(['Jürgen Größ', 'Åse, who held it before']);
  });

  it('without a body still says that it is none a form could send', async () => {
    const types: (string | null)[] = [];
    vi.stubGlobal('fetch', (r: Request) => {
      types.push(r.headers.get('Content-Type'));
      return Promise.resolve(new Response('[]'));
    });
    await people();
    await ask(api.GET('/api/people'));
    expect(types).toEqual(['application/json', null]);
  });

  it('that is refused says why, field by field', async () => {
    const body = { title: 'Not so', detail: 'Say who you are.', fields: { who: 'Say who you are.' } };
    answering({ 'POST /people': () => ({ status: 422, body }) });
    const problem = await problemOf(people());
    expect([problem.title, problem.message, problem.status, problem.offline]).toEqual([
      'Not so',
      'Say who you are.',
      422,
      false,
    ]);
    expect(problem.fields).toEqual(body.fields);
  });

  it('that nobody answers, or that met trouble, may be made again', async () => {
    answering({ 'POST /people': () => new TypeError('fetch failed') });
    expect((await problemOf(people())).offline).toBe(true);
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('<html>', { status: 502 })));
    const problem = await problemOf(people());
    expect([problem.offline, problem.message]).toEqual([true, 'The server answered 502. Try again.']);
  });
});
