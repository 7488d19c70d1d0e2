/**
 * Keeps the screens that were opened, so that a reload while the server is away still brings the bench back. Readings are not its
 * business: those are kept by the outbox. Pages: the network first, what was kept when it fails. Built files never change under
 * their name: kept first. Everything else (the API, live events) goes to the network untouched.
 */
const CACHE = 'urn-key-screens';
const MOST_FILES = 400;
const PATIENCE_MS = 4000;

const isBuiltFile = (url) => url.pathname.startsWith('/_next/static/');

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

async function keepFile(cache, request) {
  const kept = await cache.match(request);
  if (kept) return kept;
  const response = await fetch(request);
  if (response.ok) await cache.put(request, response.clone());
  return response;
}

async function answerPage(request) {
  const cache = await caches.open(CACHE);
  try {
    const response = await fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });
    if (response.ok) await cache.put(request.url, response.clone());
    return response;
  } catch (error) {
    const kept = await cache.match(request.url);
    if (kept) return kept;
    throw error;
  }
}

self.addEventListener('fetch', (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== 'GET' || url.origin !== self.location.origin) return;
  if (event.request.mode === 'navigate') event.respondWith(answerPage(event.request));
  else if (isBuiltFile(url))
    event.respondWith(caches.open(CACHE).then((cache) => keepFile(cache, event.request)));
});

/** A screen says where it is and what it was built from: keep both. Files of builds long gone make room. */
async function keepScreen({ page, files }) {
  const cache = await caches.open(CACHE);
  const response = await fetch(page).catch(() => null);
  if (response?.ok) await cache.put(page, response);
  await Promise.allSettled(files.map((file) => keepFile(cache, new Request(file))));
  const keys = await cache.keys();
  await Promise.all(
    keys
      .filter((key) => isBuiltFile(new URL(key.url)))
      .slice(0, Math.max(0, keys.length - MOST_FILES))
      .map((key) => cache.delete(key)),
  );
}

self.addEventListener('message', (event) =>
  event.waitUntil(keepScreen(event.data).then(() => event.source?.postMessage('kept'))),
);
