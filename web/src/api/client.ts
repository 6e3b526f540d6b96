import createClient from 'openapi-fetch';
import { answered, KNOWN_AT } from './known';
import type { paths } from './schema';

/** What went wrong, in words for people; of a file they name the place as well. */
export class Problem extends Error {
  constructor(
    readonly title: string,
    detail: string,
    /** By field, what was read and what is possible. */
    readonly fields: Record<string, string> = {},
    /** Whether trying again later may work: nobody answered, or Frenum was busy or in trouble itself. */
    readonly offline = false,
    /** Of the answer; 0 where there was none. */
    readonly status = 0,
  ) {
    super(detail);
  }
}

const TOO_SLOW = 408;

async function problemOf(response: Response): Promise<Problem> {
  const again = response.status >= 500 || response.status === TOO_SLOW;
  try {
    const body = (await response.json()) as {
      title?: string;
      detail?: string;
      fields?: Record<string, string>;
    };
    return new Problem(
      body.title ?? 'It did not work',
      body.detail ?? response.statusText,
      body.fields,
      again,
      response.status,
    );
  } catch {
    const told = `The server answered ${response.status}. Try again.`;
    return new Problem('It did not work', told, {}, again, response.status);
  }
}

let who = '';

/** Whoever holds this device from now on: everything that is kept carries the name. */
export const asksAs = (name: string) => {
  who = name.trim();
};

/** Says that the page itself asks: no page from elsewhere can read the cookie. */
const TOKEN = 'X-XSRF-TOKEN';
const token = () => decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');

const signedOut = new Set<() => void>();

/** Told when an answer says that nobody is signed in here any more. */
export const onSignedOut = (listener: () => void) => {
  signedOut.add(listener);
  return () => {
    signedOut.delete(listener);
  };
};

const SIGN_IN = 401;

const WHO = 'Frenum-Who';
const JSON_TYPE = 'application/json';

/** The name for one request of somebody who held this device before. */
export const as = (name: string) => ({ [WHO]: encodeURIComponent(name) });

const noConnection = () =>
  new Problem(
    'No connection',
    'Frenum does not answer. What was saved is safe. Start it again and repeat this.',
    {},
    true,
  );

/** Every call of the server's own document, typed by it. A refusal is thrown as a problem. */
export const api = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => globalThis.fetch(request),
});
api.use({
  onRequest({ request }) {
    // Also without a body: Frenum takes no change that a form of another page could have sent.
    if (request.method !== 'GET' && !request.headers.has('Content-Type'))
      request.headers.set('Content-Type', JSON_TYPE);
    if (request.method !== 'GET') request.headers.set(TOKEN, token());
    if (who !== '' && !request.headers.has(WHO)) request.headers.set(WHO, encodeURIComponent(who));
  },
  async onResponse({ response }) {
    answered(response.headers.get(KNOWN_AT));
    if (response.status === SIGN_IN && !response.url.includes('/api/session')) signedOut.forEach((l) => l());
    if (!response.ok) throw await problemOf(response);
  },
  onError: ({ error }) => (error instanceof Problem ? error : noConnection()),
});

/** What a call answered. */
export const ask = async <T>(call: Promise<{ data?: T }>): Promise<T> => (await call).data as T;

/** Sends a file as the request's body and tells how much of it has gone. */
export function upload<T>(path: string, file: File, onProgress: (share: number) => void): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open('PUT', `/api${path}`);
    request.setRequestHeader('Content-Type', 'application/octet-stream');
    request.setRequestHeader(TOKEN, token());
    if (who !== '') request.setRequestHeader(WHO, encodeURIComponent(who));
    request.upload.onprogress = (e) => onProgress(e.total ? e.loaded / e.total : 0);
    request.onerror = () =>
      reject(new Problem('No connection', 'Frenum does not answer. Nothing was stored. Try again.'));
    request.onload = async () => {
      const response = new Response(request.responseText, { status: request.status });
      if (response.ok) {
        resolve((await response.json()) as T);
      } else {
        reject(await problemOf(response));
      }
    };
    request.send(file);
  });
}
