import { vi } from 'vitest';

type Sent = { method: string; path: string; body: unknown };
type Answered = { status?: number; body: unknown };
type Route = (sent: Sent) => Answered | Error;

/** A server that answers as it is told, and keeps what was sent to it. */
export function answering(routes: Record<string, Route>) {
  const sent: Sent[] = [];
  vi.stubGlobal('fetch', (url: string, init: { method?: string; body?: string } = {}) => {
    const one = {
      method: init.method ?? 'GET',
      path: url.replace(/^\/api/, ''),
      body: init.body === undefined ? undefined : (JSON.parse(init.body) as unknown),
    };
    sent.push(one);
    const route = Object.entries(routes).find(([start]) => `${one.method} ${one.path}`.startsWith(start));
    if (!route) return Promise.reject(new Error(`nothing answers ${one.method} ${one.path}`));
    const answer = route[1](one);
    return answer instanceof Error
      ? Promise.reject(answer)
      : Promise.resolve(new Response(JSON.stringify(answer.body), { status: answer.status ?? 200 }));
  });
  return sent;
}
