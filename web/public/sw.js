// Opens Frenum where its server does not answer: the page itself, and what was told last with when that was. Nothing is
// ever changed from here; what is pressed meanwhile waits in the page's own outbox.
const SHELL = 'frenum-shell-1';
const KNOWN = 'frenum-known-1';
const KNOWN_AT = 'Frenum-Known-At';
const LARGEST = 4_000_000;
const MOST_KNOWN = 400;

self.addEventListener('install', (event) => {
  event.waitUntil(
    fetch('/')
      .then(keepShell)
      .then(() => self.skipWaiting()),
  );
});

self.addEventListener('activate', (event) => {
  const current = [SHELL, KNOWN];
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter((n) => !current.includes(n)).map((n) => caches.delete(n))))
      .then(() => self.clients.claim()),
  );
});

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (request.mode === 'navigate' && !url.pathname.startsWith('/api/')) event.respondWith(page(event));
  else if (url.pathname.startsWith('/assets/')) event.respondWith(asset(request));
  else if (isAsked(request, url)) event.respondWith(told(event));
});

/** What a page asks for to show it; streams go on by themselves, and files that people save are theirs to keep. */
const isAsked = (request, url) =>
  url.pathname.startsWith('/api/') &&
  request.mode !== 'navigate' &&
  request.headers.get('Accept') !== 'text/event-stream';

/** One page for every address. It is kept with what it is made of, and with the policy it came with. */
async function page(event) {
  try {
    const fresh = await fetch(event.request);
    // Notices and the like are no page of the application.
    if (fresh.ok && isOf(fresh, 'text/html')) event.waitUntil(keepShell(fresh.clone()));
    return fresh;
  } catch (away) {
    const kept = await caches.match('/', { cacheName: SHELL });
    if (kept) return kept;
    throw away;
  }
}

async function keepShell(response) {
  const text = await response.clone().text();
  const parts = [...text.matchAll(/(?:src|href)="(\/[^"]+)"/g)].map((m) => m[1]);
  const shell = await caches.open(SHELL);
  await shell.addAll(parts.filter((part) => part !== '/'));
  await shell.put('/', response);
}

/** Named by its content, it never changes. */
async function asset(request) {
  const kept = await caches.match(request, { cacheName: SHELL });
  if (kept) return kept;
  const fresh = await fetch(request);
  if (fresh.ok) await (await caches.open(SHELL)).put(request, fresh.clone());
  return fresh;
}

/** What the server says; where it says nothing, what it said last, marked with when. */
async function told(event) {
  try {
    const fresh = await fetch(event.request);
    if (fresh.ok && isOf(fresh, 'application/json')) event.waitUntil(keepKnown(event.request, fresh.clone()));
    return fresh;
  } catch (away) {
    const kept = await caches.match(event.request, { cacheName: KNOWN });
    if (kept) return kept;
    throw away;
  }
}

const isOf = (response, type) => (response.headers.get('Content-Type') ?? '').startsWith(type);

async function keepKnown(request, response) {
  const body = await response.arrayBuffer();
  if (body.byteLength > LARGEST) return;
  const headers = new Headers(response.headers);
  headers.set(KNOWN_AT, new Date().toISOString());
  const known = await caches.open(KNOWN);
  await known.put(request, new Response(body, { status: response.status, headers }));
  const all = await known.keys();
  await Promise.all(all.slice(0, Math.max(0, all.length - MOST_KNOWN)).map((old) => known.delete(old)));
}
