/* What the phone keeps of a day: the pocket, the taps that the server has, and those that wait for it. Nothing leaves before it is there. */

const address = document.querySelector('meta[name="satchel-day"]')?.content ?? '';
/* A file of the day has no server: what it keeps goes by the plan that it was made of. */
const file = document.querySelector('meta[name="satchel-file"]')?.content ?? '';
const KEY = `satchel-day ${address || file}`;
export const isFile = () => file !== '';
const REAL = { ahead: 0, speed: 1 };
let clock = JSON.parse(document.querySelector('meta[name="satchel-clock"]')?.content || 'null') ?? REAL;
let clockRead = Date.now();

const PATIENCE_MS = 20000;

let kept = null;
/* Unknown until the first answer, or the first that does not come. */
let online = null;
let isSending = false;

export const data = () => kept;
export const isOnline = () => online;
/* Seconds; on a pretended day of the demo the clock runs ahead. */
const milliseconds = () => Date.now() + clock.ahead * 1000 + (Date.now() - clockRead) * (clock.speed - 1);
export const now = () => milliseconds() / 1000;

const read = (key, otherwise) => {
  try {
    return JSON.parse(localStorage.getItem(key)) ?? otherwise;
  } catch {
    return otherwise;
  }
};
const queue = () => read(`${KEY} queue`, []);
/* Where the storage is full the taps stay in memory, and that is said. */
let unkept = [];
const keepQueue = (list) => {
  try {
    localStorage.setItem(`${KEY} queue`, JSON.stringify(list));
    unkept = [];
  } catch {
    unkept = list.filter((tap) => !queue().some((had) => had.id === tap.id));
    say('This phone has no room left: taps are kept only as long as this page is open. Make room.');
  }
};
const waiting = () => [...queue(), ...unkept];

export const waitingCount = () => waiting().length;
/* Taps that the server does not have yet. */
export const pending = () => waiting().map((tap) => ({ id: tap.id, kind: tap.kind, at: Date.parse(tap.made_at) / 1000, on: tap.on }));
export const taps = () => [
  ...(kept?.taps ?? []),
  ...pending(),
];

export const say = (text) => {
  const box = document.getElementById('day-said');
  if (box) {
    box.hidden = text === '';
    box.textContent = text;
  }
};

const uuid = () => ('randomUUID' in crypto ? crypto.randomUUID() : '10000000-1000-4000-8000-100000000000'.replace(/[018]/g, (c) =>
  (c ^ (crypto.getRandomValues(new Uint8Array(1))[0] & (15 >> (c / 4)))).toString(16)));

export const addTap = (kind, on) => {
  keepQueue([...waiting(), { id: uuid(), kind, on, made_at: new Date(milliseconds()).toISOString() }]);
  send();
};

const take = (answer) => {
  /* A page that was kept may be of before the day was played, or of before it was stopped. */
  clock = answer.clock ?? REAL;
  clockRead = Date.now();
  /* What has not changed is not sent again. */
  kept = answer.pocket ? { ...answer, readAt: Date.now() / 1000 } : { ...kept, now: answer.now, readAt: Date.now() / 1000 };
  try {
    localStorage.setItem(KEY, JSON.stringify(kept));
  } catch {
    /* The pocket stays in memory. */
  }
};

let changed = () => {};
export const onChange = (listener) => {
  changed = listener;
};

/* Sends what waits and takes what is new. A tap leaves the queue once the server has it, or refuses it for good. */
export const send = async () => {
  if (isFile()) {
    online = false;
    const out = document.getElementById('day-taps');
    out.value = JSON.stringify({ events: waiting() });
    changed();
    return;
  }
  if (isSending) {
    return;
  }
  isSending = true;
  try {
    const list = waiting().slice(0, 400);
    const answer = await fetch(`${address}/sync`, {
      method: 'POST',
      /* A net that is there and does not answer must not hold up what waits. */
      signal: AbortSignal.timeout?.(PATIENCE_MS),
      headers: {
        'Content-Type': 'application/json',
        Accept: 'application/json',
        'X-CSRF-TOKEN': document.querySelector('meta[name="csrf-token"]')?.content ?? '',
      },
      body: JSON.stringify({ events: list, sent_at: new Date(milliseconds()).toISOString(), has: kept?.version ?? '' }),
    });
    if (answer.status === 404 || answer.status === 403) {
      say('This link opens nothing any more. What was tapped stays on this phone.');
    } else if (answer.status === 419 || answer.status === 401) {
      say('Sign in again when there is time: what was tapped stays on this phone.');
    } else if (answer.ok) {
      const said = await answer.json();
      const gone = new Set([...said.taken, ...said.refused.map((r) => r.id)]);
      keepQueue(waiting().filter((tap) => !gone.has(tap.id)));
      take(said);
      online = true;
      say([...said.refused, ...said.clashes].map((r) => r.why).join(' '));
    }
  } catch {
    online = false;
  }
  isSending = false;
  changed();
};

export const open = () => {
  const embedded = document.getElementById('pocket');
  const fresh = embedded ? JSON.parse(embedded.textContent) : null;
  const had = read(KEY, null);
  /* A page out of the cache is older than what was read since. */
  kept = had && (!fresh || had.now >= fresh.now) ? had : fresh ? { ...fresh, readAt: Date.now() / 1000 } : null;
};
