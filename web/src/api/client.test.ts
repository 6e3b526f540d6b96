import { afterEach, describe, expect, it, vi } from 'vitest';
import { answering } from '../test-support/server';
import { api, as, ask, asksAs, onSignedOut, Problem } from './client';

const path = { testId: 'a' };
const put = (headers = {}) =>
  ask(api.PUT('/api/rehearsals/{testId}/thrown-away', { params: { path }, headers }));

async function problemOf(call: Promise<unknown>): Promise<Problem> {
  const wrong: unknown = await call.catch((e: unknown) => e);
  if (wrong instanceof Problem) return wrong;
  throw new Error(`no problem: ${String(wrong)}`);
}

describe('a call', () => {
  afterEach(() => asksAs(''));

  it('carries whoever holds the device, in letters that a header may have', async () => {
    const sent = answering({ 'PUT /rehearsals': () => ({ body: [] }) });
    asksAs(' Jürgen Größ ');
    await put();
    await put(as('Åse, who held it before'));
    expect(sent.map((s) => s.who)).toEqual(['Jürgen Größ', 'Åse, who held it before']);
  });

  it('that changes something shows what no page from elsewhere can read', async () => {
    document.cookie = 'XSRF-TOKEN=a%20b';
    const tokens: (string | null)[] = [];
    vi.stubGlobal('fetch', (r: Request) => {
      tokens.push(r.headers.get('X-XSRF-TOKEN'));
      return Promise.resolve(new Response('[]'));
    });
    await put();
    await ask(api.GET('/api/tests'));
    expect(tokens).toEqual(['a b', null]);
  });

  it('that finds nobody signed in any more says so to the page', async () => {
    const told = vi.fn();
    const quiet = onSignedOut(told);
    answering({ 'PUT /rehearsals': () => ({ status: 401, body: {} }) });
    await problemOf(put());
    quiet();
    expect(told).toHaveBeenCalledOnce();
  });

  it('without a body still says that it is none a form could send', async () => {
    const types: (string | null)[] = [];
    vi.stubGlobal('fetch', (r: Request) => {
      types.push(r.headers.get('Content-Type'));
      return Promise.resolve(new Response('[]'));
    });
    await put();
    await ask(api.GET('/api/tests'));
    expect(types).toEqual(['application/json', null]);
  });

  it('that is refused says why, field by field', async () => {
    const body = { title: 'Not so', detail: 'Say who you are.', fields: { who: 'Say who you are.' } };
    answering({ 'PUT /rehearsals': () => ({ status: 422, body }) });
    const problem = await problemOf(put());
    expect([problem.title, problem.message, problem.status, problem.offline]).toEqual([
      'Not so',
      'Say who you are.',
      422,
      false,
    ]);
    expect(problem.fields).toEqual(body.fields);
  });

  it('that nobody answers, or that met trouble, may be made again', async () => {
    answering({ 'PUT /rehearsals': () => new TypeError('fetch failed') });
    expect((await problemOf(put())).offline).toBe(true);
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('<html>', { status: 502 })));
    const problem = await problemOf(put());
    expect([problem.offline, problem.message]).toEqual([true, 'The server answered 502. Try again.']);
  });
});
