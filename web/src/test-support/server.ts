import { vi } from 'vitest';

type Sent = { method: string; path: string; who: string; body: unknown };
type Answered = { status?: number; body: unknown };
type Route = (sent: Sent) => Answered | Error;

/** A server that answers as it is told, and keeps what was sent to it, with the name of whoever sent it. */
export function answering(routes: Record<string, Route>) {
  const sent: Sent[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.text();
    const { pathname, search } = new URL(request.url);
    const one = {
      method: request.method,
      path: (pathname + search).replace(/^\/api/, ''),
      who: decodeURIComponent(request.headers.get('Frenum-Who') ?? ''),
      body: text === '' ? undefined : (JSON.parse(text) as unknown),
    };
    // Who is signed in is asked by the way, by whatever shows it.
    if (one.path === '/session') return new Response(JSON.stringify({ people: [] }));
    sent.push(one);
    const route = Object.entries(routes).find(([start]) => `${one.method} ${one.path}`.startsWith(start));
    if (!route) throw new Error(`nothing answers ${one.method} ${one.path}`);
    const answer = route[1](one);
    if (answer instanceof Error) throw answer;
    return new Response(JSON.stringify(answer.body), { status: answer.status ?? 200 });
  });
  return sent;
}
