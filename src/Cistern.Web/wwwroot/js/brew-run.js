// The state of a brew, computed from its plan, its entries and the time by the same rules as BrewRun in the core, so that the screen
// works without the network. Change both together; tests/cases/conduct.json and WalkTests compare them. A plan: {anchor,
// startsAtItsEnd, steps: [{ends, length, at, low, high, waitLow, waitHigh, release}]}. An entry: {id, kind, step, atMs, undoes, seen}.
// Times are seconds on the brew clock, except those called Ms.

/** The entries that count, in order of time; and the steps whose completion was undone, with the time of that. */
const standing = (received) => {
  const undone = new Set();
  const goesOn = new Map();
  received.forEach((undo, i) => {
    if (undo.kind !== 'undo') return;
    const named = undo.undoes
      ? received.find((one) => one.id === undo.undoes)
      : received.slice(0, i).findLast((one) => one.kind !== 'undo' && !undone.has(one.id));
    if (!named) return;
    undone.add(named.id);
    if (undo.undoes) for (const one of received) if (one.kind === named.kind && one.step === named.step && one.atMs <= undo.atMs) undone.add(one.id);
    if (named.kind === 'done') goesOn.set(named.step, Math.max(undo.atMs, goesOn.get(named.step) ?? 0));
  });
  return { entries: received.filter((entry) => entry.kind !== 'undo' && !undone.has(entry.id)).sort((a, b) => a.atMs - b.atMs), goesOn };
};

/** How the end of an entry's step is known: from an instrument or a person. */
const byOf = (entry) => (entry.seen ? 'seen' : 'press');

/** The shortest time for which a step is shown before another replaces it, s. */
const LEAST_TOLD = 5;
/** How long a replaced step stays on the screen, s. */
const IN_SIGHT = 30;
const graceOf = (step) => Math.max(LEAST_TOLD, step.length / 2);
/** Entries further before 0:00 than two devices' clocks can differ belong to another start, s. */
const BEFORE_START = 2;

class Walk {
  constructor(plan, { entries, goesOn }) {
    this.plan = plan;
    this.steps = plan.steps;
    this.startedAtMs = entries.find((entry) => entry.kind === 'start')?.atMs ?? null;
    this.stillAt = new Map();
    const goes = (step, atMs) => this.stillAt.set(step, Math.max(this.toS(atMs), this.stillAt.get(step) ?? -Infinity));
    for (const entry of entries) if (entry.kind === 'still') goes(entry.step, entry.atMs);
    for (const [step, atMs] of goesOn) goes(step, atMs);
    this.ready = new Set();
    this.done = [];
    this.unheard = [];
    this.index = 0;
    this.lastEnd = 0;
    this.lastStart = 0;
    this.stage = 0;
    this.begun = null;
    this.running = false;
    this.last = null;
  }

  toS(atMs) { return (atMs - (this.startedAtMs ?? atMs)) / 1000; }

  get here() { return this.steps[this.index]; }

  get endHere() { return (this.begun ?? this.due(this.index)) + this.here.length; }

  hear(entry) {
    if (this.takes(entry)) this.last = { entry: entry.id, step: entry.step };
    else this.unheard.push(entry.id);
  }

  takes(entry) {
    if (entry.kind === 'ready') {
      if (this.running || entry.step >= this.plan.anchor || this.ready.has(entry.step)) return false;
      this.ready.add(entry.step);
      return true;
    }
    if (entry.kind === 'start') return !this.running && this.start(byOf(entry));
    return this.running && entry.step >= this.plan.anchor && this.toS(entry.atMs) > -BEFORE_START && this.say(entry);
  }

  start(by) {
    this.running = true;
    for (; this.index < this.plan.anchor; this.index += 1) this.done.push({ index: this.index, start: null, end: null, by: 'ready', gaveWay: null });
    if (this.plan.startsAtItsEnd) this.end(-this.here.length, 0, by, 0);
    else if (this.here.length <= 0) this.end(0, 0, by, 0);
    else this.begun = 0;
    return true;
  }

  say(entry) {
    const at = Math.max(0, this.toS(entry.atMs));
    this.until(at);
    if (entry.kind === 'still') return entry.step === this.index;
    if (entry.step < this.index) return entry.kind === 'done' && this.correct(entry, at);
    if (entry.step >= this.steps.length) return false;
    this.passTo(entry.step, at, true);
    const due = this.due(this.index);
    if (entry.kind === 'begun' && this.here.length > 0) {
      if (this.begun !== null) return false;
      this.begun = Math.max(at, this.lastEnd);
    } else {
      const end = Math.max(at, this.lastEnd);
      this.end(Math.min(this.begun ?? (this.here.ends === 'hands' && this.here.length <= 0 ? end : due), end), end, byOf(entry), at);
    }
    return true;
  }

  correct(entry, at) {
    const place = this.done.findIndex((one) => one.index === entry.step);
    const assumed = this.done[place];
    if (!assumed || (assumed.by !== 'assumed' && assumed.by !== 'notSeen') || assumed.start === null) return false;
    const latest = place + 1 < this.done.length ? this.done[place + 1].end ?? at : at;
    assumed.end = Math.max(assumed.start, Math.min(at, latest));
    assumed.by = byOf(entry);
    if (place === this.done.length - 1) this.lastEnd = assumed.end;
    return true;
  }

  until(now) {
    while (this.index < this.steps.length) {
      const end = this.here.ends === 'clock' ? this.endHere : Infinity;
      const assumed = this.graceEnds() ?? Infinity;
      const [takes, taken] = this.taker();
      if (Math.min(end, assumed, taken) > now) return;
      if (taken <= Math.min(end, assumed)) {
        // An end of the steep that has become current stays so after an undo; other steps do not.
        if (!this.steps[takes].release && this.here.ends !== 'clock') this.last = { entry: null, step: this.index };
        this.passTo(takes, taken, false);
        this.stage = taken;
      } else if (end <= assumed) {
        this.end(this.due(this.index), end, 'clock', end);
      } else {
        this.last = { entry: null, step: this.index };
        this.end(this.begun ?? this.due(this.index), this.endHere, 'assumed', assumed);
      }
    }
  }

  passTo(step, at, byHand) {
    while (this.index < step) {
      const start = Math.min(this.begun ?? this.due(this.index), Math.max(at, this.lastEnd));
      const { ends, length, release } = this.here;
      let end = Math.min(start + length, at);
      let by = 'assumed';
      if (ends === 'clock') {
        by = byHand ? 'press' : 'clock';
        if (byHand) end = at;
      } else if (ends === 'sight' || (release && this.begun === null)) {
        by = 'notSeen';
        end = at;
      }
      this.end(start, Math.max(end, start), by, at, byHand || ends === 'clock' ? null : at);
    }
  }

  end(start, end, by, at, gaveWay = null) {
    this.done.push({ index: this.index, start, end, by, gaveWay });
    this.index += 1;
    this.lastStart = start;
    this.lastEnd = end;
    this.stage = at;
    this.begun = null;
  }

  due(at) {
    if (at === this.plan.anchor) return 0;
    const step = this.steps[at];
    return Math.max(step.at ?? step.low ?? this.lastEnd, this.lastEnd);
  }

  window(at) {
    const step = this.steps[at];
    if (step.waitHigh != null) return [this.due(at) + step.waitLow, this.due(at) + step.waitHigh];
    const wait = this.steps[at - 1];
    if (step.high == null && wait?.waitHigh != null && at > this.plan.anchor + 1) return [this.lastStart + wait.waitLow, this.lastStart + wait.waitHigh];
    return [step.low ?? null, step.high ?? null];
  }

  graceEnds() {
    if (this.here.ends !== 'hands' || this.stillAt.has(this.index) || (this.here.release && this.begun === null)) return null;
    const open = this.begun === null ? this.window(this.index)[1] ?? 0 : 0;
    return Math.max(this.endHere, open, this.stage) + graceOf(this.here);
  }

  // The end of the steep replaces any step. A step with its own time first leaves room for those due before it: the next in order
  // becomes current early enough for all of them to be shown.
  taker() {
    const [step, at, between] = this.dueNext();
    if (step <= this.index + 1 && (step === this.index || this.steps[step].release)) return [step, at];
    const told = this.begun === null ? Math.max(this.stage, this.due(this.index)) + graceOf(this.here) : this.endHere;
    if (step === this.index + 1) return [step, Math.max(at, told)];
    const sight = this.here.ends === 'sight';
    const soonest = sight && this.here.length <= 0 ? at : this.endHere + (sight ? graceOf(this.here) : LEAST_TOLD);
    const next = this.stillAt.has(this.index) ? at : Math.max(soonest, at - between);
    return this.steps[step].release && at <= next ? [step, at] : [this.index + 1, next];
  }

  /** The next step that becomes current by itself, when, and how long the steps before it must be shown. */
  dueNext() {
    if (this.here.release && this.begun === null) return [this.index, Infinity, 0];
    let best = [this.index, Infinity, 0];
    let between = 0;
    const stillAt = this.stillAt.get(this.index) ?? -Infinity;
    let chain = this.endHere;
    let grace = this.here.ends === 'sight' ? graceOf(this.here) : 0;
    let known = this.here.ends !== 'sight' || this.here.length > 0;
    for (let at = this.index + 1; at < this.steps.length; at += 1) {
      const step = this.steps[at];
      const own = step.at ?? step.low ?? null;
      let takes = Infinity;
      if (own !== null) takes = Math.max(own, chain);
      else if (step.release && known && !this.stillAt.has(this.index)) takes = chain + grace;
      if ((step.release || takes > stillAt) && takes < best[1]) best = [at, takes, between];
      if (step.release) break;
      chain = Math.max(chain, own ?? 0) + step.length;
      // A wait that begins late is shorter.
      between += step.ends === 'clock' ? 0 : Math.max(step.length, LEAST_TOLD);
      grace += step.ends === 'sight' ? graceOf(step) : 0;
      known &&= step.ends !== 'sight' || step.length > 0;
    }
    return this.here.ends === 'clock' && best[1] >= this.endHere ? [this.index, Infinity, 0] : best;
  }

  present() {
    if (!this.running) {
      let at = 0;
      while (at < this.plan.anchor && this.ready.has(at)) at += 1;
      return { index: at, due: 0, length: this.steps[at].length, begun: null, low: null, high: null, assumedAt: null, still: false };
    }
    if (this.index >= this.steps.length) return null;
    const [low, high] = this.window(this.index);
    return { index: this.index, due: this.due(this.index), length: this.here.length, begun: this.begun, low, high, assumedAt: this.graceEnds(), still: this.stillAt.has(this.index) };
  }
}

const walked = (plan, received) => {
  const all = standing(received);
  const walk = new Walk(plan, all);
  for (const entry of all.entries) walk.hear(entry);
  return walk;
};

/** The state of the brew: {startedAtMs, done, present, last, unheard}. */
export const replay = (plan, received, nowMs) => {
  const walk = walked(plan, received);
  if (walk.running) walk.until(walk.toS(nowMs));
  return { startedAtMs: walk.startedAtMs, done: walk.done, present: walk.present(), last: walk.last, unheard: walk.unheard };
};

/** The step that was replaced recently and is still unconfirmed. */
export const openAt = (run, now) => run.done.filter(({ by, gaveWay }) => (by === 'assumed' || by === 'notSeen') && gaveWay !== null && now - gaveWay < IN_SIGHT);

/** When a step should have ended, s: the end of its window where it has one and has not begun. */
export const endOf = (present) => (present.begun ?? present.due) + present.length;

/** Whether it needs an answer: an end of the steep that is due without a window, or any window that is over. */
export const insistsFrom = (plan, present) => {
  if (present.begun !== null) return null;
  if (plan.steps[present.index].release) return Math.max(present.due, present.high ?? 0);
  return plan.steps[present.index].ends === 'hands' && present.high !== null ? Math.max(present.due, present.high) : null;
};

/**
 * The cues to come if nobody presses anything: [{at, kind, index}] by time; kind is 'due', 'end' or 'insist', which may have
 * begun before now. Sounds are scheduled ahead from these.
 */
export const cuesAhead = (plan, received, nowMs, untilS) => {
  const walk = walked(plan, received);
  if (!walk.running) return [];
  const now = walk.toS(nowMs);
  walk.until(now);
  const cues = [];
  let moment = now;
  for (let guard = 0; guard < 200 && walk.index < walk.steps.length && moment <= untilS; guard += 1) {
    const present = walk.present();
    const { index } = present;
    if (present.begun === null && present.due > now && walk.here.ends !== 'clock') cues.push({ at: present.due, kind: 'due', index });
    if (walk.here.length > 0 && endOf(present) > now && !(walk.here.release && present.begun === null)) cues.push({ at: endOf(present), kind: 'end', index });
    const insists = insistsFrom(plan, present);
    if (insists !== null) cues.push({ at: insists, kind: 'insist', index });
    const [, taken] = walk.taker();
    moment = Math.min(walk.here.ends === 'clock' ? walk.endHere : Infinity, walk.graceEnds() ?? Infinity, taken);
    if (!Number.isFinite(moment)) break;
    walk.until(moment);
  }
  return cues.filter((cue) => cue.at <= untilS).sort((a, b) => a.at - b.at);
};
