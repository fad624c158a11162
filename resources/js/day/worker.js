/* Keeps the page of the day and what it needs, so that it opens without the server. */
const CACHE = 'satchel-day-1';
const isDay = (path) => /^\/(jobs\/\d+\/day|day\/[A-Za-z0-9]{40})$/.test(path);
const PATIENCE_MS = 4000;

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

const kept = async (request) => (await caches.open(CACHE)).match(request, { ignoreVary: true });
const keep = async (request, answer) => {
  if (answer.ok && answer.type === 'basic' && !answer.redirected) {
    await (await caches.open(CACHE)).put(request, answer.clone());
  }
  return answer;
};
/* The net where it answers in time, else what is kept. */
const fresh = async (request) => {
  const had = await kept(request);
  const asked = fetch(request).then((answer) => keep(request, answer));
  if (!had) {
    return asked;
  }
  const late = new Promise((resolve) => setTimeout(() => resolve(had), PATIENCE_MS));
  return Promise.race([asked.catch(() => had), late]);
};
const once = async (request) => (await kept(request)) ?? keep(request, await fetch(request));

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const path = new URL(request.url).pathname;
  if (request.method === 'GET' && isDay(path)) {
    event.respondWith(fresh(request));
  } else if (request.method === 'GET' && path.startsWith('/build/')) {
    event.respondWith(once(request));
  }
});

/* Whoever signs out takes what is kept along. */
self.addEventListener('message', (event) => {
  if (event.data === 'forget') {
    event.waitUntil(caches.delete(CACHE));
  }
});
