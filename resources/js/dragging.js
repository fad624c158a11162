/* Shots and groups put elsewhere by dragging. */

import { token } from './taps.js';

const put = (url, values) =>
  window.htmx.ajax('POST', url, { target: '#work', select: '#work', swap: 'outerHTML', values: { ...values, _token: token() } });

/* Shots are dragged within a segment, or to another; the arrows beside each do the same from the keyboard. */
let dragged = null;
const underway = (event) => {
  const over = ['[data-shot]', '[data-shots]', 'li[id^="segment-"]'].map((place) => event.target.closest(place));
  return dragged ? over.find((element) => element) || null : null;
};
document.addEventListener('dragstart', (event) => {
  dragged = event.target.closest?.('[data-shot]') || null;
  if (dragged) {
    event.dataTransfer.effectAllowed = 'move';
    event.dataTransfer.setData('text/plain', dragged.dataset.shot);
  }
});
/* Groups the same way: dropped on another, one comes before it. */
let group = null;
document.addEventListener('dragstart', (event) => {
  group = event.target.closest?.('[data-group]') || null;
});
document.addEventListener('dragover', (event) => {
  if (group && event.target.closest('[data-group]')) {
    event.preventDefault();
  }
});
document.addEventListener('drop', (event) => {
  const before = group ? event.target.closest('[data-group]') : null;
  if (before && before !== group) {
    event.preventDefault();
    put(`/groups/${group.dataset.group}/put`, { before: before.dataset.group });
  }
  group = null;
});
document.addEventListener('dragover', (event) => {
  if (underway(event)) {
    event.preventDefault();
  }
});
document.addEventListener('dragend', () => {
  dragged = null;
});
document.addEventListener('drop', (event) => {
  const over = underway(event);
  if (!over) {
    return;
  }
  event.preventDefault();
  const list = over.closest('[data-shots]') || over.querySelector('[data-shots]');
  const before = over.closest('[data-shot]');
  if (list && before !== dragged) {
    const values = { segment: list.dataset.shots };
    if (before) {
      values.before = before.dataset.shot;
    }
    put(`/shots/${dragged.dataset.shot}/put`, values);
  }
  dragged = null;
});
