/**
 * Keeps the screens that were opened, so that a reload while the server or its database is away still brings the bench back. What a
 * screen shows is not its business: that comes from the record that the browser keeps (`src/bench/record/jobStore.ts`). Pages: the network
 * first, what was kept when it fails or answers 503. Built files never change under their name: kept first. Everything else (the API,
 * live events) goes to the network untouched.
 */
const CACHE = 'urn-key-screens';
const MOST_FILES = 400;
const PATIENCE_MS = 4000;
/** The build that a page belongs to: the server says it with every answer. */
const BUILD = 'x-build';

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
  const kept = await cache.match(request.url);
  try {
    // With nothing kept a slow server is better than none.
    const response = await fetch(request, kept && { signal: AbortSignal.timeout(PATIENCE_MS) });
    if (response.ok) await cache.put(request.url, response.clone());
    // The server is there and its database is not: what was kept says more than that.
    return (response.status === 503 && kept) || response;
  } catch (error) {
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

/**
 * A screen says where it is and what it was built from: keep both. A page of this build that is kept already is kept as it is, as its data
 * is not taken from it. Files of builds long gone make room.
 */
async function keepScreen({ page, files, build }) {
  const cache = await caches.open(CACHE);
  const kept = await cache.match(page);
  if (kept?.headers.get(BUILD) !== build) {
    const response = await fetch(page).catch(() => null);
    if (response?.ok) await cache.put(page, response);
  }
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
  event.waitUntil(
    keepScreen(event.data).then(() => event.source?.postMessage({ isWhole: event.data.isWhole })),
  ),
);
