/*
 * What the pages do in the browser: the queue of taps for when the server is away, single-letter keys,
 * and the look. Everything else is htmx.
 */
(() => {
  'use strict';

  /* A page by link sends its taps to an address of its own, and keeps them apart. */
  const address = () => document.querySelector('meta[name="satchel-events"]')?.content || '/events';
  const KEY = address() === '/events' ? 'satchel-taps' : `satchel-taps ${address()}`;
  const token = () => document.querySelector('meta[name="csrf-token"]').content;
  const queue = () => JSON.parse(localStorage.getItem(KEY) || '[]');
  const keep = (taps) => localStorage.setItem(KEY, JSON.stringify(taps));
  let isSending = false;

  const uuid = () => ('randomUUID' in crypto ? crypto.randomUUID() : '10000000-1000-4000-8000-100000000000'.replace(/[018]/g, (c) =>
    (c ^ (crypto.getRandomValues(new Uint8Array(1))[0] & (15 >> (c / 4)))).toString(16)));

  const refresh = () => window.htmx.ajax('GET', location.href, { target: '#work', select: '#work', swap: 'outerHTML' });

  const showWaiting = () => {
    const waiting = document.getElementById('waiting');
    const count = queue().length;
    if (waiting) {
      waiting.hidden = count === 0;
      waiting.textContent = count === 1 ? 'One tap waits for the server.' : `${count} taps wait for the server.`;
    }
  };

  const showRefusal = (text) => {
    const box = document.getElementById('refusal');
    if (box) {
      box.hidden = false;
      box.textContent = text;
    }
  };

  /* Sends what is queued, oldest first; a tap leaves the queue once the server has it or refuses it for good. */
  const send = async () => {
    const taps = queue();
    if (isSending || taps.length === 0) {
      return showWaiting();
    }
    isSending = true;
    try {
      const answer = await fetch(address(), {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-CSRF-TOKEN': token() },
        body: JSON.stringify({ events: taps, sent_at: new Date().toISOString() }),
      });
      if (answer.ok || answer.status === 422) {
        const said = await answer.json();
        const done = new Set([...(said.taken || []), ...(said.refused || []).map((r) => r.id)]);
        keep(queue().filter((tap) => !done.has(tap.id)));
        await refresh();
        [...(said.refused || []), ...(said.clashes || [])].forEach((r) => showRefusal(r.why));
      }
    } catch {
      /* The server is away: the taps stay queued. */
    }
    isSending = false;
    showWaiting();
  };

  document.addEventListener('submit', (event) => {
    const form = event.target.closest('form[data-tap]');
    if (!form) {
      return;
    }
    event.preventDefault();
    event.stopImmediatePropagation();
    keep([...queue(), { id: uuid(), kind: form.dataset.tap, on: JSON.parse(form.dataset.on), made_at: new Date().toISOString() }]);
    form.closest('[data-tapped]')?.setAttribute('data-tapped', 'waiting');
    send();
  }, true);

  window.addEventListener('online', send);
  setInterval(send, 5000);

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

  /* Shots are dragged within a segment, or to another; the arrows beside each do the same from the keyboard. */
  let dragged = null;
  const underway = (event) => (dragged ? event.target.closest('[data-shot]') || event.target.closest('[data-shots]') || event.target.closest('li[id^="segment-"]') : null);
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
      window.htmx.ajax('POST', `/groups/${group.dataset.group}/put`, { target: '#work', select: '#work', swap: 'outerHTML', values: { before: before.dataset.group, _token: token() } });
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
      window.htmx.ajax('POST', `/shots/${dragged.dataset.shot}/put`, { target: '#work', select: '#work', swap: 'outerHTML', values: { ...values, _token: token() } });
    }
    dragged = null;
  });

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
  const showTaps = () => TAPS.forEach((tap) => {
    const mark = document.querySelector(`[data-mark="${tap}"]`);
    const x = document.querySelector(`[data-tap-x="${tap}"]`)?.value;
    const y = document.querySelector(`[data-tap-y="${tap}"]`)?.value;
    if (mark && x && y) {
      mark.hidden = false;
      mark.style.left = `${x * 100}%`;
      mark.style.top = `${y * 100}%`;
    }
  });

  /* On a phone the strap scrolls: the phase one is in stays in sight. */
  const showPhase = () => {
    const current = document.querySelector('.strap-holes [aria-current]');
    const strap = current?.closest('.strap-holes');
    if (strap) {
      strap.scrollLeft = current.offsetLeft - strap.clientWidth / 2;
    }
    const page = document.querySelector('.kit-nav [aria-current]');
    if (page) {
      page.parentElement.scrollLeft = page.offsetLeft - page.parentElement.offsetLeft - page.parentElement.clientWidth / 2 + page.clientWidth / 2;
    }
  };

  /* A form that leads to another page: the address follows, so that loading it again shows the same. */
  document.addEventListener('htmx:beforeSwap', ({ detail }) => {
    const { verb, path } = detail.requestConfig;
    const led = detail.xhr.responseURL ? new URL(detail.xhr.responseURL) : null;
    if (led && verb !== 'get' && detail.shouldSwap && detail.target.id === 'work' && led.pathname !== new URL(path, location.href).pathname) {
      history.replaceState(history.state, '', led.pathname + led.search);
    }
  });

  document.addEventListener('htmx:afterSettle', () => {
    showWaiting();
    showPhase();
    showTaps();
  });
  document.addEventListener('DOMContentLoaded', () => {
    showWaiting();
    showPhase();
    showTaps();
    send();
  });
})();
