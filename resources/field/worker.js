// Keeps the field sheet's page and scripts, so that it opens without a network. Data is not kept here: the page keeps
// it itself, and wipes it. Another build has another version, and waits until the page lets it take over.
const VERSION = '{version}';
const PARTS = '{parts}';
const CACHE = `marjoram-field-${VERSION}`;

const isPart = (url) => url.origin === self.location.origin && url.pathname.startsWith('/build/');
const isSheet = (request, url) => request.mode === 'navigate' && url.pathname === '/field';

self.addEventListener('install', (event) => {
  event.waitUntil(caches.open(CACHE).then((cache) => cache.addAll(PARTS)));
});

self.addEventListener('activate', (event) => {
  const old = (name) => name.startsWith('marjoram-field-') && name !== CACHE;
  event.waitUntil(
    caches
      .keys()
      .then((names) => Promise.all(names.filter(old).map((name) => caches.delete(name))))
      .then(() => self.clients.claim()),
  );
});

self.addEventListener('message', (event) => {
  if (event.data === 'take-over') self.skipWaiting();
});

/** What is not there yet, such as the core's machine, is kept when it first comes. */
async function part(request) {
  const kept = await caches.match(request);
  if (kept) return kept;
  const answer = await fetch(request);
  if (answer.ok) (await caches.open(CACHE)).put(request, answer.clone());
  return answer;
}

async function sheet(request) {
  return (await caches.match('/field')) ?? fetch(request);
}

self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== 'GET') return;
  if (isSheet(event.request, url)) event.respondWith(sheet(event.request));
  else if (isPart(url) && /^\/build\/(field|queue|store|core|idb|jsqr|face|ulid|app\.css|php\/|fonts\/)/.test(url.pathname)) {
    event.respondWith(part(event.request));
  } else if (url.pathname === '/field/manifest.json' || url.pathname === '/icon.svg') {
    event.respondWith(part(event.request));
  }
});
