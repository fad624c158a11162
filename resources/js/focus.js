/* After a press that swaps the page the focus stays where it was, or goes where the work goes on. */

const CONTROLS = 'button, a[href], input:not([type=hidden]), select, textarea, summary';

/* What a control is called, so that it is found again: the form that it sends, and its own words. */
const nameOf = (control) => [
  control.closest('form')?.getAttribute('action') || control.getAttribute('href') || '',
  control.getAttribute('aria-label') || control.id || control.textContent.trim().replace(/\s+/g, ' '),
].join('\n');

let left = null;

document.addEventListener('htmx:beforeSwap', ({ detail }) => {
  const at = document.activeElement;
  if (detail.target.id !== 'work' || !at || at === document.body || !detail.target.contains(at)) {
    left = null;
    return;
  }
  const all = [...detail.target.querySelectorAll(CONTROLS)];
  const name = nameOf(at);
  const twin = all.filter((one) => nameOf(one) === name).indexOf(at);
  left = { name, twin, index: all.indexOf(at), isField: at.matches('input, select, textarea') };
});

document.addEventListener('htmx:afterSettle', ({ target }) => {
  const work = document.getElementById('work');
  if (!left || !work || (target !== work && !target.contains(work) && !work.contains(target))) {
    return;
  }
  const { name, twin, index, isField } = left;
  left = null;
  if (document.activeElement && document.activeElement !== document.body) {
    return;
  }
  const wrong = work.querySelector('[aria-invalid=true]');
  const all = [...work.querySelectorAll(CONTROLS)];
  const same = all.filter((one) => nameOf(one) === name);
  /* A field that was wrong; the same control; what stands where a removed one stood; at last the heading. */
  const next = wrong || same[Math.min(twin, same.length - 1)] || (isField ? null : all[Math.min(index, all.length - 1)]) || work.querySelector('h1');
  if (next && !next.matches(CONTROLS)) {
    next.tabIndex = -1;
  }
  next?.focus({ preventScroll: next !== wrong });
});
