/* Single-letter keys, and dialogs that close. */

document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input, select, textarea')) {
    return;
  }
  if (event.key === '?') {
    document.getElementById('keys')?.showModal();
    return;
  }
  const target = document.querySelector(`[data-key="${CSS.escape(event.key)}"]`);
  if (target) {
    event.preventDefault();
    target.click();
    target.focus();
  }
});

document.addEventListener('click', (event) => {
  if (event.target.closest('[data-close]')) {
    event.target.closest('dialog')?.close();
  }
});
