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

async function answer<T>(request: Promise<Response>): Promise<T> {
  let response: Response;
  try {
    response = await request;
  } catch {
    throw new Problem(
      'No connection',
      'Frenum does not answer. What was saved is safe. Start it again and repeat this.',
      {},
      true,
    );
  }
  if (!response.ok) {
    throw await problemOf(response);
  }
  return (await response.json()) as T;
}

export const get = <T>(path: string) => answer<T>(fetch(`/api${path}`));

const JSON_TYPE = 'application/json';

/** Of a file that is JSON, so; any other file is bytes. */
const typeOf = (body: unknown) =>
  body instanceof Blob && body.type !== JSON_TYPE ? 'application/octet-stream' : JSON_TYPE;

const send = <T>(method: string, path: string, body: unknown) =>
  answer<T>(
    fetch(`/api${path}`, {
      method,
      headers: { 'Content-Type': typeOf(body) },
      body: body instanceof Blob ? body : JSON.stringify(body),
    }),
  );

export const post = <T>(path: string, body: unknown) => send<T>('POST', path, body);
export const put = <T>(path: string, body: unknown) => send<T>('PUT', path, body);

/** Sends a file as the request's body and tells how much of it has gone. */
export function upload<T>(path: string, file: File, onProgress: (share: number) => void): Promise<T> {
  return new Promise((resolve, reject) => {
    const request = new XMLHttpRequest();
    request.open('PUT', `/api${path}`);
    request.setRequestHeader('Content-Type', 'application/octet-stream');
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
export const remove = <T>(path: string) => send<T>('DELETE', path, null);
