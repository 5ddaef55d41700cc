// What the screen shows at a moment: the same words as Stage.cs, so that it works without the network.
import { openAt } from './brew-run.js';
import { clock } from './clock.js';

/** A window is called "closing" in its last seconds. */
const CLOSING = 20;
/** Whole seconds left, rounded up, except for rounding errors of computed lengths. */
const HAIR = 0.01;
const left = (seconds) => {
  const whole = Math.ceil(seconds - HAIR);
  return whole < 60 ? `${Math.max(0, whole)}` : clock(whole);
};
const line = ({ verb, target }) => (target ? `${verb}: ${target}` : verb);
/** The next two steps, so that the barista can get ready. */
const nextTwo = ({ steps }, at) => (at + 1 < steps.length ? `${line(steps[at])}; then ${line(steps[at + 1])}` : line(steps[at]));
/** Whether the display matters during it, so that the brewer must be on the scale. */
const onScale = (step) => (step.toG ?? null) !== null;

const begin = (plan, index, due, low, now) => {
  const step = plan.steps[index];
  let early = '';
  if (now < due - 0.5) early = low !== null && low !== undefined && now >= low ? ', in its window' : `, ${clock(Math.ceil(due - now - HAIR))} early`;
  return { kind: step.length > 0 ? 'begun' : 'done', step: index, word: step.begins + early };
};

/** What must be ready before the end of the steep, shown in the last wait before it, while the hands are free and the scale is no longer needed. */
const beforehandOf = ({ steps }, { present }, mood) => {
  const release = steps.findIndex((step) => step.release);
  const free = mood === 'hold' && present.index <= release && !onScale(steps[present.index])
    && !steps.slice(present.index + 1, release).some((step) => step.ends === 'clock' || (step.at ?? step.low ?? null) !== null || onScale(step));
  return free ? steps[release].beforehand : '';
};

/** @param now on the brew clock, s; before it starts, since the brew was opened or the last preparation was done */
export const stageOf = (plan, run, now) => {
  const stage = doing(plan, run, now);
  const also = openAt(run, now).map(({ index }) => ({ kind: 'done', step: index, word: `${plan.steps[index].goingOn}: ${plan.steps[index].says.toLowerCase()}` }));
  return { ...stage, beforehand: beforehandOf(plan, run, stage.mood), also };
};

const doing = (plan, run, now) => {
  const { present } = run;
  if (!present) return { verb: 'Done', target: 'Taste it when it is cool enough', countdown: '', mood: 'over', about: '', then: '', step: null, action: null };
  const words = plan.steps[present.index];
  const first = plan.steps[plan.anchor];
  if (run.startedAtMs === null) {
    return present.index === plan.anchor
      ? { verb: 'Ready', target: plan.clockStart, countdown: '', mood: 'ready', about: '', then: line(first), step: first, action: { kind: 'start', step: plan.anchor, word: 'Start' } }
      : { verb: words.verb, target: words.target, countdown: left(Math.floor(now + HAIR)), mood: 'ready', about: 'getting ready', then: `then ${line(plan.steps[present.index + 1])}`, step: words, action: { kind: 'ready', step: present.index, word: words.says } };
  }
  const end = (present.begun ?? present.due) + present.length;
  const next = plan.steps[present.index + 1];
  const nextAt = next ? Math.max(end, next.at ?? next.low ?? end) : end;
  const then = next ? `then, at ${clock(nextAt)}, ${nextTwo(plan, present.index + 1)}` : 'the last step';
  const soon = next ? `then ${nextTwo(plan, present.index + 1)}` : 'the last step';
  const on = { verb: words.verb, target: words.target, then, step: words };
  if (words.ends === 'clock') {
    return { ...on, countdown: left(end - now), mood: 'hold', about: `until ${clock(end)}`, action: next && next.ends !== 'clock' ? begin(plan, present.index + 1, nextAt, nextAt > end ? next.low : present.low, now) : { kind: 'done', step: present.index, word: words.says } };
  }
  if (present.begun === null && now < present.due - 0.05) {
    // A plan stored by an earlier version has no word for it.
    return { verb: words.until ?? 'Steep', target: `until ${clock(present.due)}`, countdown: left(present.due - now), mood: 'hold', about: 'left', then: `at ${clock(present.due)} ${nextTwo(plan, present.index)}`, step: words, action: begin(plan, present.index, present.due, present.low, now) };
  }
  const done = { kind: 'done', step: present.index, word: words.says };
  if (present.begun === null && (words.release || present.high !== null)) {
    const action = words.release ? begin(plan, present.index, present.due, present.low, now) : done;
    return present.high !== null && now < present.high
      ? { ...on, then: soon, countdown: left(present.high - now), mood: present.high - now < CLOSING ? 'closing' : 'window', about: `left in its window, until ${clock(present.high)}`, action }
      : { ...on, then: soon, countdown: `+${left(Math.floor(now - Math.max(present.due, present.high ?? 0) + HAIR))}`, mood: 'call', about: present.high === null ? 'since it was due' : 'since its window closed', action };
  }
  const rest = end - now;
  const mood = rest >= -1 ? 'on' : present.assumedAt !== null ? 'grace' : 'late';
  let about = rest >= 0 ? 'left' : 'over';
  if (mood === 'grace') about = 'counts as done, unless it goes on';
  return { ...on, then: rest >= 0 ? then : soon, verb: present.begun === null ? words.verb : words.goingOn, countdown: rest >= 0 ? left(rest) : `+${left(Math.floor(HAIR - rest))}`, mood, about, action: done };
};

/** What the scale's display should show now, g, during a pour; null elsewhere. */
export const paceOf = (step, present, now) => {
  if (step.toG === null || step.toG === undefined) return null;
  const from = present.begun ?? present.due;
  if (now < from) return null;
  const share = present.length > 0 ? Math.min(1, (now - from) / present.length) : 1;
  return step.fromG + (step.toG - step.fromG) * share;
};

/** The turns that should have been made by now, of a stir; null elsewhere. */
export const turnOf = (step, present, now) => {
  if (!step.turns || present.length <= 0) return null;
  const from = present.begun ?? present.due;
  if (now < from) return null;
  return Math.min(step.turns, Math.floor(((now - from) / present.length) * step.turns) + 1);
};
