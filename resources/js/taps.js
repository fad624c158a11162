/* The queue of taps for when the server is away: each has an id and a time made here, and leaves once the server has it. */

/* A page by link sends its taps to an address of its own, and keeps them apart. */
const address = () => document.querySelector('meta[name="satchel-events"]')?.content || '/events';
const KEY = address() === '/events' ? 'satchel-taps' : `satchel-taps ${address()}`;
export const token = () => document.querySelector('meta[name="csrf-token"]').content;
const queue = () => JSON.parse(localStorage.getItem(KEY) || '[]');
const keep = (taps) => localStorage.setItem(KEY, JSON.stringify(taps));
let isSending = false;

const uuid = () => ('randomUUID' in crypto ? crypto.randomUUID() : '10000000-1000-4000-8000-100000000000'.replace(/[018]/g, (c) =>
  (c ^ (crypto.getRandomValues(new Uint8Array(1))[0] & (15 >> (c / 4)))).toString(16)));

const refresh = () => window.htmx.ajax('GET', location.href, { target: '#work', select: '#work', swap: 'outerHTML' });

export const showWaiting = () => {
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
export const send = async () => {
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
