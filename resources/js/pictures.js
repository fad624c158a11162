/* Marks set on a picture. */

/* Taps on a picture: foot, top, side, and round again; each is a share of its width and height. */
const TAPS = ['foot', 'top', 'edge'];
let nextTap = 0;
document.addEventListener('click', (event) => {
  const box = event.target.closest('[data-taps]');
  const img = box?.querySelector('img');
  if (!img) {
    return;
  }
  const frame = img.getBoundingClientRect();
  const share = { x: (event.clientX - frame.left) / frame.width, y: (event.clientY - frame.top) / frame.height };
  const tap = TAPS[nextTap % TAPS.length];
  nextTap += 1;
  document.querySelector(`[data-tap-x="${tap}"]`).value = share.x.toFixed(4);
  document.querySelector(`[data-tap-y="${tap}"]`).value = share.y.toFixed(4);
  showTaps();
});
export const showTaps = () => TAPS.forEach((tap) => {
  const mark = document.querySelector(`[data-mark="${tap}"]`);
  const x = document.querySelector(`[data-tap-x="${tap}"]`)?.value;
  const y = document.querySelector(`[data-tap-y="${tap}"]`)?.value;
  if (mark && x && y) {
    mark.hidden = false;
    mark.style.left = `${x * 100}%`;
    mark.style.top = `${y * 100}%`;
  }
});
