/* Who signs out takes along what was kept of the day on this device; taps that still wait for the server stay. */
document.addEventListener('submit', (event) => {
  if (event.target.getAttribute('action') !== '/sign-out') {
    return;
  }
  Object.keys(localStorage)
    .filter((key) => key.startsWith('satchel-day ') && !key.endsWith(' queue'))
    .forEach((key) => localStorage.removeItem(key));
  window.caches?.delete('satchel-day-1');
}, true);
