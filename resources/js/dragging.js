/* Shots and groups put elsewhere by dragging, with a finger too; the arrows beside each do the same from the keyboard. */

import Sortable from 'sortablejs/modular/sortable.core.esm.js';
import { token } from './taps.js';

const CONTROLS = 'button, a, input, select, textarea, summary, label';
let isDragging = false;

const put = (url, values) =>
  window.htmx.ajax('POST', url, { target: '#work', select: '#work', swap: 'outerHTML', values: { ...values, _token: token() } });

/* What was dropped is asked of the server; where it cannot be kept, it goes back to where it was. */
const dropped = ({ item, from, to, oldIndex, newIndex }, url, values) => {
  isDragging = false;
  document.body.classList.remove('is-dragging');
  /* An empty style that is left behind would be copied to the next page, where no style of a line is allowed. */
  [item, ...from.children, ...to.children].forEach((one) => one.removeAttribute('style'));
  if (from === to && oldIndex === newIndex) {
    return;
  }
  const goBack = () => from.insertBefore(item, from.children[oldIndex + (from === to && newIndex < oldIndex ? 1 : 0)] || null);
  const asked = new AbortController();
  ['htmx:sendError', 'htmx:responseError'].forEach((failure) => document.addEventListener(failure, goBack, { signal: asked.signal }));
  const next = item.nextElementSibling;
  const before = next?.dataset.shot || next?.dataset.group;
  put(url, before ? { ...values, before } : values).finally(() => asked.abort());
};

const HOW = {
  delay: 250,
  delayOnTouchOnly: true,
  filter: CONTROLS,
  forceFallback: true,
  fallbackTolerance: 4,
  preventOnFilter: false,
  onStart: () => {
    isDragging = true;
    document.body.classList.add('is-dragging');
  },
};

/* A segment whose shots are folded opens under what is held over it. */
document.addEventListener('pointermove', ({ clientX, clientY }) => {
  if (isDragging) {
    const shots = document.elementFromPoint(clientX, clientY)?.closest('li[id^="segment-"]')?.querySelector('[data-shots]');
    shots?.closest('details')?.setAttribute('open', '');
  }
});

/* The lists that stand on the page now. */
export const showDragging = () => {
  document.querySelectorAll('[data-shots]').forEach((list) => Sortable.get(list) || Sortable.create(list, {
    ...HOW,
    draggable: '[data-shot]',
    group: { name: 'shots', put: list.dataset.shots !== '' },
    sort: list.dataset.shots !== '',
    onEnd: (drop) => drop.to.dataset.shots === ''
      ? dropped({ ...drop, to: drop.from, newIndex: drop.oldIndex })
      : dropped(drop, `/shots/${drop.item.dataset.shot}/put`, { segment: drop.to.dataset.shots }),
  }));
  document.querySelectorAll('[data-groups]').forEach((list) => Sortable.get(list) || Sortable.create(list, {
    ...HOW,
    draggable: '[data-group]',
    onEnd: (drop) => dropped(drop, `/groups/${drop.item.dataset.group}/put`, {}),
  }));
};
