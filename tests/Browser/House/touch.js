// What a thumb cannot hit, and what runs off the side, with everything that folds opened.
document.querySelectorAll('details').forEach((fold) => (fold.open = true));
const isSeen = (one) => one.offsetParent && getComputedStyle(one).visibility !== 'hidden' && !one.closest('dialog');
const holder = (one) => (['checkbox', 'radio'].includes(one.type) && one.closest('label, .field')) || one;
const scrolls = (one) =>
  one && (['auto', 'scroll', 'hidden'].includes(getComputedStyle(one).overflowX) || scrolls(one.parentElement));
const small = [...document.querySelectorAll('button, a.button, select, textarea, summary, input:not([type=hidden])')]
  .filter((one) => isSeen(one) && holder(one).getBoundingClientRect().height < 43.5)
  .map((one) => `low: ${one.textContent.trim() || one.name}`);
const off = [...document.querySelectorAll('main *')]
  .filter((one) => isSeen(one) && !one.closest('svg') && one.getBoundingClientRect().right > innerWidth + 1 && !scrolls(one))
  .map((one) => `off the side: ${one.tagName} ${one.className}`);
return [...small, ...off];
