/* The page of the day: it opens from what the phone keeps, and works without the server. */
import { draw } from './page.js';
import { isFile, onChange, open, send } from './store.js';

const EVERY_MS = 5000;
const CACHE = 'satchel-day-1';

open();
onChange(draw);
draw();
send();
setInterval(draw, EVERY_MS);
setInterval(send, EVERY_MS);
window.addEventListener('online', send);

/* The page, its script, its styles and its fonts, before the net is gone. */
const keep = async () => {
  await navigator.serviceWorker.register('/day-worker.js');
  await navigator.serviceWorker.ready;
  const fonts = performance.getEntriesByType('resource').map((entry) => new URL(entry.name)).filter((url) => url.pathname.startsWith('/build/'));
  const files = [...document.querySelectorAll('link[rel=stylesheet], link[rel=icon], script[src]')].map((node) => node.href || node.src);
  await (await caches.open(CACHE)).addAll([...new Set([location.pathname, ...files, ...fonts.map(String)])]);
  const stays = await navigator.storage?.persist?.();
  document.getElementById('day-kept').textContent = stays === false
    ? 'Kept on this phone: it opens without a net, as long as the phone does not need the room.'
    : 'Kept on this phone: it opens without a net.';
};
const leaveOpen = () => {
  document.getElementById('day-kept').textContent = 'This page cannot be kept for when there is no net: leave it open.';
};
if (isFile()) {
  document.getElementById('day-kept').textContent = 'This is a file: it needs no net and no server. Its taps stay in it until you take them out.';
} else if ('serviceWorker' in navigator) {
  keep().catch(() => (navigator.serviceWorker.controller ? null : leaveOpen()));
} else {
  leaveOpen();
}
