/* What the pages do in the browser, beside htmx: each module one thing. */

import { showDragging } from './dragging.js';
import './focus.js';
import './keys.js';
import './leaving.js';
import './marks.js';
import { showTaps } from './pictures.js';
import { send, showWaiting } from './taps.js';

/* On a phone the strap scrolls: the phase one is in stays in sight. */
const showPhase = () => {
  const current = document.querySelector('.strap-holes [aria-current]');
  const strap = current?.closest('.strap-holes');
  if (strap) {
    strap.scrollLeft = current.offsetLeft - strap.clientWidth / 2;
  }
  const page = document.querySelector('.kit-nav [aria-current]');
  if (page) {
    const row = page.parentElement;
    row.scrollLeft = page.offsetLeft - row.offsetLeft - row.clientWidth / 2 + page.clientWidth / 2;
  }
};

/* A form that leads to another page: the address follows, so that loading it again shows the same. */
document.addEventListener('htmx:beforeSwap', ({ detail }) => {
  const { verb, path } = detail.requestConfig;
  const led = detail.xhr.responseURL ? new URL(detail.xhr.responseURL) : null;
  const isWork = verb !== 'get' && detail.shouldSwap && detail.target.id === 'work';
  if (led && isWork && led.pathname !== new URL(path, location.href).pathname) {
    history.replaceState(history.state, '', led.pathname + led.search);
  }
});

const show = () => {
  showWaiting();
  showPhase();
  showTaps();
  showDragging();
};
document.addEventListener('htmx:afterSettle', show);
/* A module runs once the page is there. */
show();
send();
