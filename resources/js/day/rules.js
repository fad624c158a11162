/*
 * The rules of a day lived through, the same as core/Day has them: which taps count, where each segment stands, and how late that makes
 * a lane. A tap: { id, kind, at (seconds), on }. Nothing here looks at a clock or at the page.
 */

const TURNS = { started: 'running', done: 'done', skipped: 'skipped', moved: 'moved' };
const ABOUT_SHOTS = ['ticked', 'unticked'];
const SLOTS = ['load', 'unload', 'new-cell', 'old-cell'];
const OF_THE_PLAN = ['rearranged', 'delayed', 'sheltered'];
export const OF_THE_DAY = [...Object.keys(TURNS), 'undone', 'longer', ...ABOUT_SHOTS, 'noted', ...OF_THE_PLAN];

const compare = (a, b) => (a < b ? -1 : a > b ? 1 : 0);
const written = (tap) => JSON.stringify([tap.kind, tap.on]);
const about = (tap) => {
  if (tap.kind === 'undone') {
    return null;
  }
  return ABOUT_SHOTS.includes(tap.kind) ? `shot ${tap.on.shot ?? 0}` : tap.kind === 'delayed' ? 'day' : String(tap.on.segment ?? 0);
};

/* Each id once: the first by time, then as it is written; in the order of time, then of id. */
const once = (taps) => {
  const byId = new Map();
  taps.forEach((tap) => {
    const had = byId.get(tap.id);
    if (!had || (compare(tap.at, had.at) || compare(written(tap), written(had))) < 0) {
      byId.set(tap.id, tap);
    }
  });
  return [...byId.values()].sort((a, b) => compare(a.at, b.at) || compare(a.id, b.id));
};

/* Whether each stands: unless an undone that stands takes it back; of those in a circle none does. */
const standing = (taps) => {
  const stands = new Map(taps.map((tap) => [tap.id, true]));
  const waits = new Map(taps.map((tap) => [tap.id, 0]));
  const of = new Map(taps.map((tap) => [tap.id, tap.kind === 'undone' ? tap.on.of : null]));
  taps.forEach((tap) => {
    if (waits.has(of.get(tap.id))) {
      waits.set(of.get(tap.id), waits.get(of.get(tap.id)) + 1);
    }
  });
  const settled = taps.filter((tap) => waits.get(tap.id) === 0).map((tap) => tap.id);
  for (let i = 0; i < settled.length; i++) {
    const back = of.get(settled[i]);
    if (stands.has(back)) {
      stands.set(back, stands.get(back) && !stands.get(settled[i]));
      waits.set(back, waits.get(back) - 1);
      if (waits.get(back) === 0) {
        settled.push(back);
      }
    }
  }
  const ended = new Set(settled);
  return (id) => ended.has(id) && stands.get(id);
};

/* What the taps come to. segments, shots: the ids that are planned. */
export const dayLog = (taps, now, segments, shots) => {
  const all = once(taps.filter((tap) => OF_THE_DAY.includes(tap.kind)));
  const ids = new Set(all.map((tap) => tap.id));
  const known = new Set(['day', ...segments.map(String), ...shots.map((id) => `shot ${id}`)]);
  const isKnown = (tap) => (tap.kind === 'undone' ? ids.has(tap.on.of) : known.has(about(tap)));
  const ignored = all
    .filter((tap) => tap.at > now || !isKnown(tap))
    .map((tap) => ({ id: tap.id, why: tap.at > now ? 'future' : 'unknown' }));
  const taken = all.filter((tap) => tap.at <= now && isKnown(tap));
  const stands = standing(taken);
  const counted = taken.filter((tap) => stands(tap.id));

  const last = new Map();
  counted.filter((tap) => TURNS[tap.kind]).forEach((tap) => last.set(about(tap), TURNS[tap.kind]));
  const starts = counted.filter((tap) => tap.kind === 'started');
  const newest = starts.length ? about(starts[starts.length - 1]) : null;
  const states = {};
  segments.forEach((id) => {
    const state = last.get(String(id)) ?? 'waiting';
    states[id] = state === 'running' && String(id) !== newest ? 'done' : state;
  });
  const longer = {};
  const ticks = new Map();
  counted.forEach((tap) => {
    if (tap.kind === 'longer') {
      longer[tap.on.segment] = (longer[tap.on.segment] ?? 0) + (tap.on.minutes ?? 0);
    }
    if (ABOUT_SHOTS.includes(tap.kind)) {
      ticks.set(Number(tap.on.shot), tap.kind === 'ticked');
    }
  });
  return {
    counted,
    ignored,
    states,
    running: newest !== null && states[newest] === 'running' ? Number(newest) : null,
    startedAt: starts.length ? starts[starts.length - 1].at : null,
    longer,
    ticked: [...ticks].filter(([, is]) => is).map(([id]) => id).sort((a, b) => a - b),
    notes: counted.filter((tap) => tap.kind === 'noted'),
    rearranged: counted.filter((tap) => OF_THE_PLAN.includes(tap.kind)),
  };
};

/* A lane at this second. lane: its segments in order, each { id, starts, minutes, setup, way }. */
export const laneNow = (lane, log, now) => {
  const running = lane.find((s) => s.id === log.running) ?? null;
  const left = running
    ? Math.max(0, running.minutes + (log.longer[running.id] ?? 0) - Math.floor((now - log.startedAt) / 60))
    : null;
  const waiting = lane.filter((s) => log.states[s.id] === 'waiting');
  const next = waiting[0] ?? null;
  const free = Math.floor(now / 60) + (left ?? 0);
  const minute = (seconds) => Math.floor(seconds / 60);
  return {
    running,
    left,
    waiting,
    late: running ? free - minute(running.starts + running.minutes * 60) : next ? Math.max(0, free - minute(next.starts)) : null,
    lateAtNext: next ? Math.max(0, free + (next.way ?? 0) + next.setup - minute(next.starts)) : null,
  };
};

/* What a body's cell still gives: frames by the plan and hours of standby since it went in. */
export const cellLeft = (body, frames, hours) => Math.max(0, Math.round(body.chargeFrames * (1 - hours / body.chargeHours) - frames));

/* Who is found, what is shot and what is put off, after the taps that the server does not know yet. */
const CALLED = { found: ['found', 'person', true], lost: ['found', 'person', false], shot: ['shot', 'group', true],
  unshot: ['shot', 'group', false], later: ['later', 'group', true], sooner: ['later', 'group', false] };
export const calledNow = (called, taps) => {
  const lists = { found: new Set(called?.found), shot: new Set(called?.shot), later: new Set(called?.later) };
  const there = new Map(Object.entries(called?.there ?? {}).map(([group, people]) => [Number(group), new Set(people)]));
  [...taps].filter((tap) => CALLED[tap.kind]).sort((a, b) => compare(a.at, b.at)).forEach((tap) => {
    const [list, on, is] = CALLED[tap.kind];
    lists[list][is ? 'add' : 'delete'](Number(tap.on[on]));
    if (tap.kind === 'shot') {
      there.set(Number(tap.on.group), new Set(lists.found));
    }
  });
  return { ...lists, there };
};

/* Before anybody is let go: who was not there when a group of theirs was taken, and the groups in which nobody was ticked. */
export const owedPeople = (calling, called) => {
  const shot = calling.lines.filter((line) => called.shot.has(line.id));
  const others = (line) => line.people.filter((id) => id in calling.around);
  const isThere = (line) => (id) => called.there.get(line.id)?.has(id);
  const unticked = shot.filter((line) => others(line).length > 0 && !others(line).some(isThere(line)));
  const leftOut = shot.filter((line) => !unticked.includes(line))
    .flatMap((line) => others(line).filter((id) => !isThere(line)(id)).map((id) => ({ id, title: line.title })));
  return { unticked: unticked.map((line) => line.title), leftOut };
};

/* Tries of each element, whether each was good, after the taps that the server does not know yet; the last one may be taken back. */
export const countedNow = (counted, taps) => {
  const tries = new Map(Object.entries(counted ?? {}).map(([id, list]) => [Number(id), [...list]]));
  [...taps].filter((tap) => ['tried', 'kept', 'dropped'].includes(tap.kind)).sort((a, b) => compare(a.at, b.at)).forEach((tap) => {
    const id = Number(tap.on.element);
    const list = tries.get(id) ?? [];
    tries.set(id, tap.kind === 'dropped' ? list.slice(0, -1) : [...list, tap.kind === 'kept']);
  });
  return tries;
};

/* What still stands somewhere, after the taps that the server does not know yet. */
export const standingNow = (standing, taps) => {
  const fetched = taps.filter((tap) => tap.kind === 'fetched').map((tap) => Number(tap.on.item));
  return (standing ?? []).filter((thing) => !fetched.includes(thing.item));
};

/* The groups still to shoot, those put off at the end. Around who is missing: the order worked out without them, theirs last. */
export const groupsLeft = (calling, called, missing = []) => {
  const order = missing.length ? calling.around[missing[0]] ?? calling.lines.map((line) => line.id) : calling.lines.map((line) => line.id);
  const line = new Map(calling.lines.map((l) => [l.id, l]));
  const left = order.filter((id) => line.has(id) && !called.shot.has(id)).map((id) => line.get(id));
  const waits = (l) => (missing.length ? l.people.some((id) => missing.includes(id)) : called.later.has(l.id));
  return [...left.filter((l) => !waits(l)), ...left.filter(waits)];
};
export const missingOf = (calling, called, line) => line.people.filter((id) => id in calling.around && !called.found.has(id));

/* What broke, after the taps that the server does not know yet. */
export const brokenNow = (broken, taps) => {
  const list = new Set(broken);
  [...taps].filter((tap) => tap.kind === 'broke' || tap.kind === 'mended').sort((a, b) => compare(a.at, b.at)).forEach((tap) => {
    list[tap.kind === 'broke' ? 'add' : 'delete'](Number(tap.on.item));
  });
  return list;
};

/* Cards and cells in bodies, after the taps that the server does not know yet. */
export const slotsNow = (slots, taps) => {
  const bodies = (slots?.bodies ?? []).map((body) => ({ ...body }));
  let ready = [...(slots?.ready ?? [])];
  [...taps].filter((tap) => SLOTS.includes(tap.kind)).sort((a, b) => compare(a.at, b.at)).forEach((tap) => {
    const card = Number(tap.on.card);
    if (tap.kind === 'new-cell' || tap.kind === 'old-cell') {
      const body = bodies.find((b) => b.id === Number(tap.on.body));
      if (body) {
        body.celled = tap.kind === 'new-cell' ? [...body.celled, tap.at] : body.celled.slice(0, -1);
      }
    } else if (tap.kind === 'unload') {
      bodies.forEach((body) => ['first', 'second'].forEach((slot) => {
        body[slot] = body[slot]?.id === card ? null : body[slot];
      }));
    } else {
      const body = bodies.find((b) => b.id === Number(tap.on.body));
      if (body) {
        body[Number(tap.on.slot) === 1 ? 'first' : 'second'] = ready.find((c) => c.id === card) ?? { id: card, label: 'a card' };
        body.since = tap.at;
      }
      ready = ready.filter((c) => c.id !== card);
    }
  });
  return { bodies, ready };
};

/* Frames of a photographer by the plan up to now, since a time. */
export const framesSince = (lane, since, now) => lane.reduce((sum, s) => {
  const seconds = s.minutes * 60;
  const share = Math.max(0, Math.min(now, s.starts + seconds) - Math.max(since, s.starts)) / Math.max(1, seconds);
  return sum + s.frames * share;
}, 0);

/* The ways out that were worked out beforehand: the next step that is no shorter. */
export const waysOut = (table, segment, late) => {
  const step = Math.ceil(late / (table?.step ?? 5));
  const ways = table?.at?.[segment]?.[step - 1];
  return { late: step * (table?.step ?? 5), isKnown: ways !== undefined, ways: (ways ?? []).map((i) => table.ways[i]) };
};

/* The plan with what was done to it since the table was made: ways out taken, what is outdoors later, what went under a roof. */
export const rearranged = (segments, table, taken, midnight) => {
  let list = segments;
  const way = (tap) => waysOut(table, tap.on.segment, tap.on.late).ways.find((w) => w.name === tap.on.way)?.to ?? [];
  const timed = (s, [, how, start, end]) => (start === null || end === null
    ? []
    : [{ ...s, starts: midnight + start * 60, minutes: Math.max(1, end - start), how }]);
  taken.forEach((tap) => {
    if (tap.kind === 'delayed') {
      list = list.map((s) => (s.isOutdoor && s.starts + s.minutes * 60 > tap.at ? { ...s, starts: s.starts + tap.on.minutes * 60 } : s));
    } else if (tap.kind === 'sheltered') {
      list = list.map((s) => (s.id === tap.on.segment
        ? { ...s, isOutdoor: false, where: s.shelters.find((f) => f.spot === tap.on.spot)?.name ?? s.where, light: [] }
        : s));
    } else {
      way(tap).forEach((to) => {
        list = list.flatMap((s) => (s.id === to[0] ? timed(s, to) : [s]));
      });
    }
  });
  return [...list].sort((a, b) => compare(a.starts, b.starts) || compare(a.id, b.id));
};
