/* A press on a picture marks a place: where, as shares of its width and height, goes along with the form. */
document.addEventListener('click', (event) => {
  const image = event.target.closest('[data-mark-on]');
  const form = image?.closest('form[data-marks]');
  if (!form) {
    return;
  }
  const box = image.getBoundingClientRect();
  const share = (at, from, length) => Math.min(1, Math.max(0, (at - from) / length)).toFixed(4);
  form.elements.mark_x.value = share(event.clientX, box.left, box.width);
  form.elements.mark_y.value = share(event.clientY, box.top, box.height);
  form.querySelector('.pick-mark.is-new')?.remove();
  const mark = document.createElement('span');
  mark.className = 'pick-mark is-new';
  mark.style.left = `${100 * form.elements.mark_x.value}%`;
  mark.style.top = `${100 * form.elements.mark_y.value}%`;
  image.parentElement.append(mark);
});
