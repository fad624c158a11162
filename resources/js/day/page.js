/* The day on a phone: drawn anew from the pocket and the taps, after each tap and every few seconds. */
import {
  brokenNow, calledNow, cellLeft, countedNow, dayLog, framesSince, groupsLeft, laneNow, missingOf, owedPeople, rearranged,
  slotsNow, standingNow, waysOut,
} from './rules.js';
import { addTap, data, isFile, isOnline, now, pending, taps, waitingCount } from './store.js';

const SHOWN_AFTER = 3;
const NAMED = 6;
const ELEMENTS = 5;
const SOON_S = 3600;
const DELAYS = [30, 60, 120, 240];
const ROW_S = 300;
const SPRING = { width: 340, turns: 17 };
/* What is noted without a word being typed. */
const QUICK = ['Ask their name', 'Somebody is missing', 'Something broke', 'Retouch this'];

const el = (tag, attributes = {}, ...children) => {
  const node = document.createElement(tag);
  Object.entries(attributes).forEach(([name, value]) => {
    if (name.startsWith('on')) {
      node.addEventListener(name.slice(2), value);
    } else if (value !== null && value !== false) {
      node.setAttribute(name, value === true ? '' : value);
    }
  });
  node.append(...children.flat().filter((child) => child !== null && child !== '' && child !== false));
  return node;
};
const svg = (tag, attributes, ...children) => {
  const node = document.createElementNS('http://www.w3.org/2000/svg', tag);
  Object.entries(attributes).forEach(([name, value]) => node.setAttribute(name, value));
  node.append(...children);
  return node;
};

/* Long before, the date stands with the hour: it would else look like one of today. */
const FAR_S = 18 * 3600;

const faceOf = (seconds) => (seconds - now() < FAR_S ? face(seconds) : `${face(seconds)} on ${new Intl.DateTimeFormat('en-GB', {
  timeZone: data().pocket.timezone, weekday: 'short', day: 'numeric', month: 'short',
}).format(new Date(seconds * 1000))}`);

const face = (seconds) => new Intl.DateTimeFormat('en-GB', {
  timeZone: data().pocket.timezone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23',
}).format(new Date(seconds * 1000));
const minutes = (n) => {
  const [hours, rest] = [Math.floor(n / 60), n % 60];
  return n < 60 ? `${n} min` : `${hours} h${rest === 0 ? '' : ` ${String(rest).padStart(2, '0')}`}`;
};
const button = (label, press, extra = '', name = null) => el('button', { class: `button ${extra}`, onclick: press, 'aria-label': name }, label);

let lane = null;
let heading = 0;

const order = { must: 0, should: 1, nice: 2 };

const state = () => {
  const { pocket, applied } = data();
  const of = (list) => dayLog(taps(), now(), list.map((s) => s.id), list.flatMap((s) => s.shots.map((shot) => shot.id)));
  const all = of(pocket.segments);
  /* What runs and waits is a matter of one lane; what is ticked, noted and rearranged of all. */
  const log = { ...of(pocket.segments.filter((s) => s.lanes.includes(lane))), ticked: all.ticked, notes: all.notes };
  const taken = all.rearranged.filter((tap) => !applied.includes(tap.id));
  const segments = rearranged(pocket.segments, pocket.table, taken, pocket.midnight);
  const own = segments.filter((s) => s.lanes.includes(lane)).map((s) => ({ ...s, way: s.ways?.[lane] ?? 0 }));
  return { pocket, log, segments, own, at: laneNow(own, log, now()) };
};

const tap = (kind, on) => {
  addTap(kind, { job: data().pocket.job, ...on });
  draw();
};

const shotList = (segment, log) => {
  const done = (shot) => log.ticked.includes(shot.id) || data().owed.includes(shot.id);
  const list = [...segment.shots].sort((a, b) => done(a) - done(b) || order[a.priority] - order[b.priority]);
  return el('ul', { class: 'day-shots' }, list.map((shot) => el('li', {}, el('button', {
    class: `day-shot ${done(shot) ? 'is-done' : ''}`,
    'aria-pressed': String(done(shot)),
    onclick: () => tap(done(shot) ? 'unticked' : 'ticked', { shot: shot.id }),
  },
  el('b', {}, `${done(shot) ? '✓ ' : ''}${shot.what}`),
  el('span', { class: 'text-sm' }, [
    shot.priority,
    shot.focal ? `${shot.focal} mm` : '',
    shot.lens ? `the lens is with ${shot.lens}` : '',
    shot.hasNoLens ? 'no lens along reaches it' : '',
    shot.cue ? `ready? after ${shot.cue}` : '',
  ].filter(Boolean).join(' · ')),
  shot.prompt ? el('span', { class: 'day-prompt' }, `“${shot.prompt}”`) : null))));
};

const where = (segment) => [
  segment.where,
  segment.posts?.[lane] ? `post: ${segment.posts[lane]}` : '',
  segment.lanes.length > 1 ? `with ${segment.lanes.filter((l) => l !== lane).join(' and ')}` : '',
  segment.people.join(', '),
].filter(Boolean).join(' · ');

const nowCard = ({ log, at }) => {
  const segment = at.running;
  if (!segment) {
    const next = at.waiting[0];
    return el('section', { class: 'day-now' }, el('p', { class: 'text-faint' }, 'Now'),
      el('h1', {}, next ? 'Nothing runs.' : 'Nothing is left of this lane.'));
  }
  const late = at.late === 0 ? 'on time' : at.late > 0 ? `${minutes(at.late)} late` : `${minutes(-at.late)} early`;
  return el('section', { class: 'day-now' },
    el('p', { class: 'text-faint' }, `Now, since ${face(log.startedAt)} · `, el('span', { class: at.late > 0 ? 'text-signal' : 'text-moss' }, late)),
    el('h1', {}, segment.title),
    el('p', { class: 'figures' }, at.left > 0
      ? `${minutes(at.left)} left, until ${face(now() + at.left * 60)}`
      : `It is over by ${minutes(Math.max(0, Math.floor((now() - log.startedAt) / 60) - segment.minutes - (log.longer[segment.id] ?? 0)))}.`),
    spring(log, at),
    el('p', {}, where(segment)),
    segment.swaps.map((says) => el('p', { class: 'note' }, says)),
    shotList(segment, log));
};

/* What is left as a spring that shortens with the minutes, and behind it the nail: the last minute at which nothing is lost. */
const spring = (log, at) => {
  const [segment, next] = [at.running, at.waiting[0]];
  const total = segment.minutes + (log.longer[segment.id] ?? 0);
  const slack = next ? Math.floor((next.starts - now()) / 60) - next.way - next.setup - at.left : 0;
  const span = Math.max(total, at.left + slack, 1);
  const x = (n) => 4 + (SPRING.width - 8) * Math.max(0, n) / span;
  const end = x(at.left);
  const points = Array.from({ length: SPRING.turns * 2 + 1 }, (_, i) => `${4 + (end - 4) * i / (SPRING.turns * 2)},${i % 2 ? 6 : 24}`);
  return svg('svg', { viewBox: `0 0 ${SPRING.width} 30`, class: 'day-spring', role: 'img',
    'aria-label': `${minutes(at.left)} of ${minutes(total)} left${next ? `; nothing is lost until ${face(now() + (at.left + slack) * 60)}` : ''}` },
  svg('polyline', { points: points.join(' '), class: slack < 0 ? 'coil is-gone' : 'coil' }),
  ...(next ? [svg('line', { x1: x(at.left + slack), x2: x(at.left + slack), y1: 1, y2: 29, class: 'nail' })] : []));
};

const message = (says) => `${data().pocket.name}: ${says.join(' ')}`;

/* Whoever opens the page late has lived through what nobody tapped. */
const goneBy = (at) => at.waiting.filter((s) => s.starts + s.minutes * 60 <= now());
const catchUp = (at) => {
  const gone = goneBy(at);
  const on = at.waiting.find((s) => !gone.includes(s));
  if (gone.length === 0 || at.running) {
    return null;
  }
  return el('p', { class: 'mb-2' }, button(
    on ? `All before ${on.title} is done` : 'All of it is done',
    () => {
      gone.forEach((s) => addTap('done', { job: data().pocket.job, segment: s.id }));
      draw();
    },
    'main',
  ), ` ${gone.length === 1 ? 'One segment is' : `${gone.length} segments are`} over by the plan, and nobody tapped them.`);
};

const lateCard = ({ pocket, at }) => {
  const next = at.waiting[0];
  if (!next || !at.lateAtNext) {
    return null;
  }
  const { late, ways, isKnown } = waysOut(pocket.table, next.id, at.lateAtNext);
  const names = ways.length > 1
    ? { most: 'Keeps most', least: 'Changes least' }
    : { most: 'What it comes to', least: 'Changes least', none: 'No way keeps it all' };
  return el('section', { class: 'day-late', role: 'status' },
    el('h2', {}, `${minutes(at.lateAtNext)} late at ${next.title}`),
    pocket.mayTap ? catchUp(at) : null,
    ways.length === 0
      ? el('p', {}, isKnown
        ? 'Nothing has to change: there is slack enough.'
        : 'No way out was worked out for that: skip what is gone by, or plan anew on the desk.')
      : null,
    ways.map((way) => el('div', { class: 'day-way' },
      el('h3', {}, names[way.name]),
      el('ul', {}, way.says.map((sentence) => el('li', {}, sentence))),
      el('div', { class: 'flex flex-wrap gap-2' },
        way.name === 'none' || !pocket.mayTap ? null
          : button('Take this', () => tap('rearranged', { segment: next.id, late, way: way.name }), 'main',
            `Take this: ${names[way.name].toLowerCase()}`),
        el('a', { class: 'button', href: `sms:?body=${encodeURIComponent(message(way.says))}` }, 'Tell them')))));
};

/* The chance of the next that does not move, from here; while the table is of the plan as it is. */
const chance = ({ pocket, segments, at }) => {
  const next = at.waiting[0];
  const found = pocket.chances?.at?.[lane]?.[next?.id]?.[Math.ceil((at.lateAtNext ?? 0) / (pocket.chances?.step ?? 10))];
  const anchor = found && segments.find((s) => s.id === found[0]);
  return anchor ? `${anchor.title} is reached on time in ${found[1]} of 100 such days.` : null;
};

const nextCard = (state) => {
  const { at } = state;
  const [next, ...after] = at.waiting;
  if (!next) {
    return null;
  }
  const leave = next.starts - (next.way + next.setup) * 60;
  return el('section', { class: 'day-next' },
    el('p', { class: 'text-faint' }, `Next, at ${faceOf(next.starts)}`),
    el('h2', {}, next.title),
    el('p', {}, where(next)),
    next.way + next.setup > 0
      ? el('p', { class: 'figures' }, `Leave by ${face(leave)}: ${[
        next.way ? `${next.way} min of way` : '',
        next.setup ? `${next.setup} min of setting up` : '',
      ].filter(Boolean).join(', ')}.`)
      : el('p', { class: 'figures' }, leave <= now() ? `It should have begun at ${face(leave)}.`
        : at.lateAtNext > 0 ? '' : `Nothing is lost until ${faceOf(leave)}.`),
    next.shots.filter((shot) => shot.lens || shot.hasNoLens).map((shot) => el('p', { class: 'note' },
      `${shot.what}, ${shot.focal} mm: ${shot.lens ? `the lens is with ${shot.lens}` : 'no lens along reaches it'}.`)),
    next.swaps.map((says) => el('p', { class: 'note' }, says)),
    chance(state) ? el('p', { class: 'figures' }, chance(state)) : null,
    next.planB ? el('p', { class: 'text-sm' }, `Plan B: ${next.planB}`) : null,
    state.pocket.mayTap
      ? el('p', {}, button('Put off until there is a gap', () => tap('moved', { segment: next.id }), 'quiet', `Put off ${next.title}`))
      : null,
    after.length ? el('ol', { class: 'day-after' }, after.slice(0, SHOWN_AFTER).map((s) => el('li', {},
      el('span', { class: 'figures' }, face(s.starts)), ` ${s.title}`))) : null);
};

/* What was put off waits for a gap, and is never out of sight. */
const putOff = ({ pocket, own, log }) => {
  const list = own.filter((s) => log.states[s.id] === 'moved');
  return list.length === 0 ? null : el('section', { class: 'slab' },
    el('h2', {}, 'Put off until there is a gap'),
    list.map((s) => el('p', { class: 'mt-2' }, pocket.mayTap
      ? button(`Start ${s.title}`, () => tap('started', { segment: s.id })) : s.title, ` ${minutes(s.minutes)}, ${where(s)}`)));
};

const ring = (row) => {
  const turn = (row[2] - heading) * Math.PI / 180;
  const [x, y] = [60 + 44 * Math.sin(turn), 60 - 44 * Math.cos(turn)];
  const north = -heading * Math.PI / 180;
  return svg('svg', { viewBox: '0 0 120 120', class: 'day-ring', role: 'img', 'aria-label': `The sun ${row[1]}° high at ${row[2]}°` },
    svg('circle', { cx: 60, cy: 60, r: 44, class: 'ring' }),
    svg('text', { x: 60 + 56 * Math.sin(north), y: 64 - 56 * Math.cos(north), 'text-anchor': 'middle', 'font-size': 12 }, 'N'),
    svg('line', { x1: 60, y1: 60, x2: x, y2: y, class: 'ray' }),
    svg('circle', { cx: x, cy: y, r: row[1] > 0 ? 9 : 6, class: row[1] > 0 ? 'sun' : 'sun is-down' }));
};

/* Where the sun goes behind something here, and when it comes or goes next. */
const shade = (segment, row) => {
  if (!row || row[1] <= 0) {
    return null;
  }
  const turns = segment.light.find((r) => r[0] > row[0] && r[1] > 0 && r[6] !== row[6]);
  const to = turns ? ` ${minutes(Math.max(1, Math.ceil((turns[0] - now()) / 60)))} to ${turns[6] ? `the shadow of ${turns[6]}` : 'sun'}.` : '';
  return row[6] || to ? el('p', { class: 'figures' }, `${row[6] ? `In the shadow of ${row[6]}.` : ''}${to}`) : null;
};

const lightCard = ({ pocket, at }) => {
  const segment = at.running ?? at.waiting[0];
  /* A row holds for its five minutes; before and after what was worked out nothing is said of the light. */
  const row = segment?.light?.filter((r) => r[0] <= now() && now() < r[0] + 2 * ROW_S).pop();
  const soon = pocket.moments.filter((m) => m.at > now() && m.at < now() + 3 * SOON_S).slice(0, 3);
  if (!row && soon.length === 0) {
    return null;
  }
  return el('section', { class: 'day-light' },
    row ? ring(row) : null,
    el('div', {},
      el('h2', {}, 'Light'),
      row ? el('p', {}, row[1] > 0 ? `The sun ${row[1]}° high at ${row[2]}°.` : `The sun is ${-row[1]}° below the horizon.`) : null,
      row ? el('p', { class: 'figures' }, `EV ${row[3]}: start at ${row[4]}.`) : null,
      row?.[5] ? el('p', { class: 'text-signal' }, 'Who stands as this spot faces looks into the sun and squints: turn them away from it.') : null,
      shade(segment, row),
      row ? null : el('p', { class: 'text-faint' }, 'Of this minute no light was worked out: meter it.'),
      soon.map((m) => el('p', { class: 'figures' }, `${minutes(Math.ceil((m.at - now()) / 60))} to ${m.says}`))));
};

const bar = ({ pocket, at, log }) => {
  if (!pocket.mayTap) {
    return null;
  }
  const running = at.running;
  const next = at.waiting[0];
  const last = log.counted.filter((t) => t.kind !== 'undone' && t.kind !== 'noted').pop();
  return el('div', { class: 'day-bar' },
    running ? button('Done', () => tap('done', { segment: running.id }), 'main', `Done: ${running.title}`) : null,
    next ? button(`Start ${running ? 'the next' : next.title}`, () => tap('started', { segment: next.id }),
      running ? '' : 'main', `Start ${next.title}`) : null,
    running ? button('+5', () => tap('longer', { segment: running.id, minutes: 5 }), '', `${running.title} takes 5 min more`) : null,
    next ? button('Skip next', () => tap('skipped', { segment: next.id }), '', `Skip ${next.title}`) : null,
    last ? button('Undo', () => tap('undone', { of: last.id }), 'quiet', `Take back: ${last.kind}`) : null);
};

/* Rain, wind, heat: what is outdoors and still to come, later or under a roof. */
const weatherCard = ({ pocket, own, log }) => {
  const outdoors = own.filter((s) => s.isOutdoor && ['waiting', 'running'].includes(log.states[s.id]));
  if (outdoors.length === 0 || !pocket.mayTap) {
    return null;
  }
  return el('details', { class: 'slab', id: 'day-weather' },
    el('summary', { class: 'min-h-11 content-center font-bold' }, 'Weather'),
    el('p', { class: 'mb-2' }, `Outdoors still: ${outdoors.map((s) => `${s.title} at ${face(s.starts)}`).join(', ')}.`),
    /* For everybody it is later on the photographer's own page only. */
    pocket.lane ? null : el('div', { class: 'flex flex-wrap gap-2 mb-2' }, DELAYS.map((n) => button(`${minutes(n)} later`,
      () => tap('delayed', { day: pocket.number, minutes: n }), '', `All that is outdoors ${minutes(n)} later`))),
    outdoors.map((s) => el('div', { class: 'day-way' },
      el('h3', {}, `${s.title}${s.planB ? `: plan B ${s.planB}` : ''}`),
      s.shelters.length === 0 ? el('p', {}, 'No spot under a roof serves it.') : null,
      s.shelters.map((f) => el('p', { class: 'mb-2' }, button(`To ${f.name}`, () => tap('sheltered', { segment: s.id, spot: f.spot }), '',
        `${s.title} goes to ${f.name}`), ` ${f.says}.`)))));
};

/* The pairs of this photographer: what is in, what is left of it by the plan, and the next pair in one press. */
const cardsCard = ({ pocket, own }) => {
  const { bodies, ready } = slotsNow(data().slots, pending());
  const mine = bodies.filter((body) => body.lane === lane);
  if (mine.length === 0 || !pocket.mayTap) {
    return null;
  }
  const left = (body) => {
    const taken = framesSince(own, body.since ?? pocket.midnight, now()) / mine.length;
    return body.frames && body.first && body.second
      ? `, about ${Math.max(0, Math.round(body.frames - taken))} of ${body.frames} frames left by the plan`
      : '';
  };
  const swap = (body) => {
    [body.first, body.second].filter(Boolean).forEach((card) => addTap('unload', { job: pocket.job, card: card.id }));
    ready.slice(0, 2).forEach((card, i) => addTap('load', { job: pocket.job, card: card.id, body: body.id, slot: i + 1 }));
    draw();
  };
  const since = Math.min(...own.map((s) => s.starts));
  const cell = (body) => {
    const from = body.celled.at(-1) ?? since;
    const taken = framesSince(own, from, now()) / mine.length;
    const frames = cellLeft(body, taken, Math.max(0, now() - from) / 3600);
    return el('p', { class: 'mt-2' }, button('New cell', () => tap('new-cell', { body: body.id }), '', `${body.label}: a new cell`),
      ` About ${frames} of ${body.chargeFrames} frames left in this one by the plan; ${
        Math.max(0, body.spares - body.celled.length)} charged beside it.`,
      body.celled.length ? button('Take back', () => tap('old-cell', { body: body.id }), 'quiet', `${body.label}: no new cell`) : null);
  };
  return el('details', { class: 'slab', id: 'day-cards' },
    el('summary', { class: 'min-h-11 content-center font-bold' }, `Cards and cells: ${ready.length} cards ready`),
    mine.map((body) => el('div', { class: 'day-way' },
      el('h3', {}, body.label),
      el('p', {}, `${[body.first, body.second].filter(Boolean).map((card) => card.label).join(' and ') || 'no card'}${left(body)}.`),
      ready.length < 2 ? el('p', {}, 'No other pair is ready.')
        : button(`Swap for ${ready[0].label} and ${ready[1].label}`, () => swap(body), '',
          `${body.label}: swap for ${ready[0].label} and ${ready[1].label}`),
      body.chargeFrames ? cell(body) : null)));
};

/* What broke, and what stands in for it; of two that are gone nothing is said that was worked out for one. */
const gearCard = ({ pocket }) => {
  const mine = (pocket.gear ?? []).filter((thing) => thing.lane === lane);
  if (mine.length === 0 || !pocket.mayTap) {
    return null;
  }
  const broken = brokenNow(data().broken, pending());
  const gone = (pocket.gear ?? []).filter((thing) => broken.has(thing.item));
  return el('details', { class: 'slab', id: 'day-gear' },
    el('summary', { class: 'min-h-11 content-center font-bold' }, gone.length ? `Gone: ${gone.map((thing) => thing.label).join(', ')}` : 'Gear'),
    gone.length === 1 ? el('p', { class: 'mb-2' }, gone[0].says) : null,
    gone.length > 1 ? el('p', { class: 'mb-2' }, 'More than one thing is gone: what was worked out for each alone does not hold any more.') : null,
    el('div', { class: 'flex flex-wrap gap-2' }, mine.map((thing) => el('button', {
      class: `button ${broken.has(thing.item) ? 'main' : ''}`,
      'aria-pressed': String(broken.has(thing.item)),
      'aria-label': `${thing.label} ${broken.has(thing.item) ? 'works again' : 'broke'}`,
      onclick: () => tap(broken.has(thing.item) ? 'mended' : 'broke', { item: thing.item }),
    }, `${thing.label}${broken.has(thing.item) ? ': works again' : ' broke'}`))));
};

const some = (names) => names.slice(0, NAMED).join(', ') + (names.length > NAMED ? ` and ${names.length - NAMED} more` : '');

/* Nobody is let go before this is empty; the calling page judges the same once the server is there. */
const release = (calling, called, left) => {
  const { unticked, leftOut } = owedPeople(calling, called);
  const owed = [
    left.length ? `Still owed: ${some(left.map((line) => line.title))}.` : '',
    calling.inNone.length ? `In no group: ${some(calling.inNone)}.` : '',
    leftOut.length ? `Not there when theirs was taken: ${some(leftOut.map((who) => `${calling.names[who.id]} (${who.title})`))}.` : '',
    unticked.length ? `Nobody was ticked as there in: ${some(unticked)}. Look through those pictures.` : '',
  ].filter(Boolean);
  return el('div', { class: 'day-way', id: 'day-release' },
    el('h3', {}, 'Before anybody is let go'),
    owed.map((says) => el('p', {}, says)),
    owed.length ? null : el('p', {}, 'Every group is shot, with everybody in it ticked as there.'));
};

/* Elements of the final pictures in the order of work: what lacks first, a keeper or not in one tap. */
const elementsCard = ({ pocket }) => {
  if (!pocket.elements?.length || !pocket.mayTap) {
    return null;
  }
  const tries = countedNow(data().counted, pending());
  const keepers = (e) => (tries.get(e.id) ?? []).filter(Boolean).length;
  const lacks = pocket.elements.filter((e) => keepers(e) < e.wanted);
  const line = (e) => el('div', { class: 'day-way' },
    el('p', {}, el('b', {}, e.name), ` ${e.picture}, ${e.setup}: ${keepers(e)} of ${e.wanted}, ${(tries.get(e.id) ?? []).length} tried`),
    el('div', { class: 'flex flex-wrap gap-2 mt-1' },
      button('Keeper', () => tap('kept', { element: e.id }), 'main', `${e.name} (${e.picture}): a keeper`),
      button('Not good', () => tap('tried', { element: e.id }), '', `${e.name} (${e.picture}): not good`),
      (tries.get(e.id) ?? []).length ? button('Take back', () => tap('dropped', { element: e.id }), 'quiet',
        `${e.name} (${e.picture}): take back the last`) : null));
  return el('details', { class: 'slab', id: 'day-elements' },
    el('summary', { class: 'min-h-11 content-center font-bold' }, lacks.length
      ? `Elements: ${lacks.length} of ${pocket.elements.length} lack alternatives` : 'Elements: each has its keepers'),
    lacks.slice(0, ELEMENTS).map(line),
    lacks.length > ELEMENTS ? el('p', { class: 'text-faint' }, `And ${lacks.length - ELEMENTS} after these.`) : null,
    pocket.elements.filter((e) => !lacks.includes(e)).slice(-2).map(line));
};

/* What is wanted early: by when, in which gap it goes. */
const wantedCard = ({ pocket }) => {
  const open = (pocket.wanted ?? []).filter((one) => one.dueAt > now() - SOON_S);
  return open.length === 0 ? null : el('section', { class: 'slab', id: 'day-wanted' },
    el('h2', {}, 'Wanted early'),
    open.slice(0, ELEMENTS).map((one) => el('p', { class: one.dueAt < now() ? 'text-signal' : '' },
      el('span', { class: 'figures' }, face(one.dueAt)),
      ` ${one.what}${one.gap ? `, sent in: ${one.gap}` : ', no gap is left for it'}${one.dueAt < now()
        ? `: due ${minutes(Math.floor((now() - one.dueAt) / 60))} ago` : one.dueAt - now() < SOON_S
          ? `: in ${minutes(Math.ceil((one.dueAt - now()) / 60))}` : ''}`)),
    isFile() ? null : el('p', {}, el('a', { href: `/jobs/${pocket.job}/send` }, "The editor's desk")));
};

/* What stands somewhere: fetched in one tap, by whom, and when the plan leaves that place. */
const leaveCard = ({ pocket }) => {
  const all = standingNow(data().standing, pending());
  if (all.length === 0) {
    return null;
  }
  const places = [...new Set(all.map((thing) => thing.place))];
  return el('section', { class: 'slab', id: 'day-leave' },
    el('h2', {}, all.length === 1 ? 'One thing still stands somewhere' : `${all.length} things still stand somewhere`),
    places.map((place) => {
      const here = all.filter((thing) => thing.place === place);
      return el('div', { class: 'day-way' },
        el('h3', {}, `${place}${here[0].leaves ? `: the plan leaves it for good at ${here[0].leaves}` : ''}`),
        here.map((thing) => el('p', { class: 'mt-2' }, pocket.mayTap
          ? button('Fetched', () => tap('fetched', { item: thing.item }), '', `${thing.label} is fetched`) : null,
        ` ${thing.label}, there since ${thing.since}; the ${thing.lane} takes it.`)));
    }));
};

/* The groups: who is found, what is shot, and in which order it goes on around who is missing. */
const groupsCard = ({ pocket }) => {
  const { calling } = pocket;
  if (!calling || !pocket.mayTap) {
    return null;
  }
  const called = calledNow(data().called, pending());
  const left = groupsLeft(calling, called);
  const first = left[0];
  const total = left.reduce((sum, line) => sum + line.minutes, 0);
  const missing = first ? missingOf(calling, called, first) : [];
  const around = missing.length ? groupsLeft(calling, called, missing).filter((line) => missingOf(calling, called, line).length === 0) : [];
  const person = (id) => el('button', {
    class: `button ${called.found.has(id) ? '' : 'main'}`,
    'aria-pressed': String(called.found.has(id)),
    onclick: () => tap(called.found.has(id) ? 'lost' : 'found', { person: id }),
  }, `${called.found.has(id) ? '✓ ' : ''}${calling.names[id]}`);
  return el('details', { class: 'slab', id: 'day-groups' },
    el('summary', { class: 'min-h-11 content-center font-bold' }, first
      ? `Groups: ${left.length} left, ${minutes(Math.ceil(Math.round(total * 10) / 10))}` : 'Groups: every one is shot'),
    first ? el('div', { class: 'day-way' },
      el('h3', {}, first.title),
      el('div', { class: 'flex flex-wrap gap-2 mb-2' }, first.people.filter((id) => id in calling.around).map(person)),
      missing.length ? el('p', { class: 'mb-2' }, `Not there yet: ${missing.map((id) => calling.names[id]).join(', ')}. ${around.length
        ? `Meanwhile: ${around.slice(0, SHOWN_AFTER).map((line) => line.title).join(', then ')}.`
        : 'No other group is all there.'}`) : null,
      el('div', { class: 'flex flex-wrap gap-2' },
        button('Shot', () => tap('shot', { group: first.id }), 'main', `${first.title}: shot`),
        left.length > 1 ? button('Later', () => tap('later', { group: first.id }), '', `${first.title}: later`) : null)) : null,
    around.slice(0, 1).map((line) => el('p', {}, button(`${line.title}: shot`, () => tap('shot', { group: line.id }), '',
      `${line.title}: shot before`))),
    release(calling, called, left));
};

const notes = ({ pocket, at, log }) => {
  if (!pocket.mayTap) {
    return null;
  }
  const about = at.running ?? at.waiting[0];
  const input = el('input', { id: 'day-note', maxlength: 500, placeholder: 'who, what, where', 'aria-label': 'A note' });
  return el('section', { class: 'slab' },
    el('form', { class: 'flex gap-2', onsubmit: (event) => {
      event.preventDefault();
      if (input.value.trim() !== '' && about) {
        tap('noted', { segment: about.id, words: input.value.trim() });
      }
    } }, el('div', { class: 'field flex-1' }, input), button('Note', null)),
    about ? el('div', { class: 'flex flex-wrap gap-2 mt-2' }, QUICK.map((words) => button(words,
      () => tap('noted', { segment: about.id, words }), 'small', `Note: ${words}`))) : null,
    log.notes.slice(-3).map((note) => el('p', { class: 'text-sm' }, `${face(note.at)} ${note.on.words}`)));
};

const head = ({ pocket }) => {
  const age = Math.max(0, Math.round((Date.now() / 1000 - data().readAt) / 60));
  const waiting = waitingCount();
  return el('header', { class: 'day-head' },
    el('p', { class: 'figures day-clock' }, face(now())),
    el('p', { class: 'text-sm' }, pocket.name, el('br'),
      el('span', { class: 'text-faint' }, isOnline() === null ? 'asking the server' : isOnline()
        ? (waiting ? `${waiting} taps on their way` : 'with the server')
        : isFile() ? `a file: ${waiting === 1 ? 'one tap is' : `${waiting} taps are`} in it`
        : `no server: ${waiting} ${waiting === 1 ? 'tap waits' : 'taps wait'}, the plan is as of ${age < 1 ? 'now' : `${minutes(age)} ago`}`)),
    pocket.lane ? null : el('nav', { class: 'flex flex-wrap gap-1', 'aria-label': 'Lanes' }, pocket.lanes.map((name) => el('button', {
      class: `button small ${name === lane ? 'main' : ''}`,
      'aria-current': name === lane ? 'true' : null,
      onclick: () => { lane = name; localStorage.setItem('satchel-lane', name); draw(); },
    }, name))));
};

export const draw = () => {
  const root = document.getElementById('day');
  if (!root || !data()) {
    return;
  }
  const { pocket } = data();
  lane = pocket.lane ?? [lane, localStorage.getItem('satchel-lane')].find((l) => pocket.lanes.includes(l)) ?? pocket.lanes[0];
  if (document.activeElement?.id === 'day-note' && document.activeElement.value !== '') {
    return;
  }
  const unfolded = [...root.querySelectorAll('details')].filter((node) => node.open).map((node) => node.id);
  if (pocket.segments.length === 0) {
    root.replaceChildren(el('h1', {}, 'Nothing is planned for this day.'),
      el('p', {}, el('a', { href: `/jobs/${pocket.job}/plan` }, 'Plan it first.')));
    return;
  }
  const at = state();
  const focused = document.activeElement?.getAttribute('aria-label');
  const cards = [
    head, nowCard, lateCard, nextCard, putOff, leaveCard, elementsCard, wantedCard, lightCard, groupsCard,
    weatherCard, cardsCard, gearCard, notes, bar,
  ];
  root.replaceChildren(...cards.map((card) => card(at)).filter(Boolean));
  unfolded.forEach((id) => document.getElementById(id)?.setAttribute('open', ''));
  if (focused) {
    [...root.querySelectorAll('[aria-label]')].find((node) => node.getAttribute('aria-label') === focused)?.focus({ preventScroll: true });
  }
};

/* Where the phone knows which way it is held, the ring turns with it. */
const turned = (event) => {
  const way = event.webkitCompassHeading ?? (event.absolute && event.alpha !== null ? 360 - event.alpha : null);
  if (way !== null && Math.abs(way - heading) > 3) {
    heading = way;
    draw();
  }
};
window.addEventListener('deviceorientationabsolute', turned);
