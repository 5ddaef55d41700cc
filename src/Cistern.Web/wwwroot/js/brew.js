// The page of a running brew: the stage, its presses and drawings. brew-run.js computes the state, bench.js stores and sends entries,
// cues.js makes the calls.
import { ONE_PRESS_MS, entriesOf, brews, follow, kept, link, nowOf, runOf, say, storage } from './bench.js';
import { clock } from './clock.js';
import { speak, wishes } from './cues.js';
import { isControl, isTyping, onDraw, setText } from './frame.js';
import { see, waiting } from './signs.js';
import { paceOf, stageOf, turnOf } from './stage.js';

const root = document.getElementById('brew');
const id = Number(root.dataset.id);
const el = (name) => document.getElementById(name);
const moods = ['ready', 'hold', 'on', 'grace', 'late', 'window', 'closing', 'call', 'over'];
if (!brews.has(id)) brews.set(id, JSON.parse(root.dataset.brew));
let { plan } = brews.get(id);

let lastPress = -Infinity;
/** The last readings of instruments, and when they arrived. */
let live = null;
let shown = null;
let leaving = false;
/** What was last announced to be made ready. */
let heard = '';

const mass = (g) => `${(g * plan.perG).toFixed(plan.decimals)} ${plan.massUnit}`;

/** The sign that was seen at each step. */
const seen = { ...JSON.parse(el('signs').dataset.seen), ...waiting(id) };

/** The signs of a step; touching one records that it was seen. */
const signs = (step, index) => {
  const form = el('signs');
  const list = step?.signs ?? [];
  form.hidden = list.length === 0;
  if (form.elements.step.value !== String(index) || form.querySelectorAll('.sign').length !== list.length) {
    form.elements.step.value = index;
    const held = form.contains(document.activeElement);
    form.querySelectorAll('p').forEach((line) => line.remove());
    form.append(...list.map(({ code, sign, means }) => {
      const line = document.createElement('p');
      line.append(Object.assign(document.createElement('button'), { className: 'sign', name: 'sign', value: code, textContent: sign }), ` ${means}`);
      return line;
    }));
    if (held) el('done').focus();
  }
  for (const button of form.querySelectorAll('.sign')) button.setAttribute('aria-pressed', String(seen[index] === button.value));
};

el('signs').addEventListener('submit', async (event) => {
  event.preventDefault();
  const { value } = event.submitter;
  const index = event.target.elements.step.value;
  const on = seen[index] !== value;
  seen[index] = on ? value : '';
  draw();
  try {
    const came = await see(id, index, value, on);
    if (came === 'waits') tell('No connection: your answer is stored here and sent when it is back.');
    if (came === 'refused') {
      delete seen[index];
      draw();
      tell('That was not saved: this brew was abandoned, or its steps have changed.');
    }
  } catch {
    tell('No connection, and this device cannot store anything: answer again when it is back.');
  }
});

/** Steps that were replaced and not confirmed, one button each; a button stays as long as its step does. */
const also = (all) => {
  el('also').hidden = all.length === 0;
  const place = el('also-steps');
  if (place.textContent === all.map(({ word }) => word).join('')) return;
  const held = place.contains(document.activeElement);
  place.replaceChildren(...all.map(({ step, word }) => Object.assign(document.createElement('button'), { className: 'button', name: 'step', value: step, textContent: word })));
  if (held) el('done').focus();
};

/** What a screen reader announces: the step, its caution and what to make ready; the last seconds before the next step, not every second. */
const spoken = ({ verb, target, mood, action, step, beforehand, countdown, then }) => {
  const closing = mood === 'hold' && /^[1-5]$/.test(countdown);
  return [
    `${verb} ${target}`.trim(), mood === 'call' ? action?.word : '', mood === 'hold' ? '' : step?.caution, beforehand && `Meanwhile: ${beforehand}`, closing ? `In five seconds: ${then}` : '',
  ].filter(Boolean).join('. ');
};

const pace = (run, now, step) => {
  const { present } = run;
  const text = [];
  if (step && present && run.startedAtMs !== null && step === plan.steps[present.index]) {
    const grams = paceOf(step, present, now);
    const shows = live && performance.now() - live.heard < 2_000 ? live.values.scaleG : undefined;
    if (grams !== null && shows !== undefined) text.push(`scale ${mass(shows)}, due ${mass(grams)}, to ${mass(step.toG)}`);
    else if (grams !== null) text.push(`scale now ${mass(grams)}, to ${mass(step.toG)}`);
    else if (step.toG !== null && Math.abs(step.toG - step.fromG) > 0.5) text.push(`scale from ${mass(step.fromG)} to ${mass(step.toG)}`);
    const turn = turnOf(step, present, now);
    if (turn !== null) text.push(`turn ${turn} of ${step.turns}`);
  }
  el('pace').hidden = text.length === 0;
  setText(el('pace'), text.join(' · '));
};

const draw = () => {
  const held = document.activeElement;
  ({ plan } = brews.get(id));
  const run = runOf(id);
  const now = nowOf(id, run);
  const stage = stageOf(plan, run, now);
  shown = { run, stage };
  setText(el('verb'), stage.verb);
  setText(el('target'), stage.target);
  setText(el('how'), stage.step?.how ?? '');
  el('how').hidden = !stage.step?.how;
  setText(el('beforehand'), stage.beforehand && `Meanwhile: ${stage.beforehand}`);
  el('beforehand').hidden = !stage.beforehand;
  setText(el('caution'), stage.step?.caution ?? '');
  el('caution').hidden = !stage.step?.caution;
  setText(el('countdown-number'), stage.countdown);
  setText(el('countdown-unit'), stage.countdown === '' || stage.countdown.includes(':') ? '' : 's');
  setText(el('about'), stage.about);
  el('clock').hidden = run.startedAtMs === null;
  el('to-hand').hidden = run.startedAtMs !== null;
  el('late-part').hidden = run.startedAtMs === null;
  el('omitted-part').hidden = run.startedAtMs === null;
  setText(el('clock-time'), clock(Math.floor(now)));
  setText(el('then'), stage.then);
  setText(el('done-word'), stage.action?.word ?? '');
  el('done').disabled = !stage.action;
  el('still').hidden = stage.mood !== 'grace';
  el('start').hidden = run.startedAtMs !== null || stage.action?.kind === 'start' || !run.present;
  el('undo').disabled = !run.last;
  setText(el('undo-word'), run.last && run.last.entry === null ? 'Not done yet' : 'Undo');
  // A button that disappears while it has the focus passes it on.
  if (held instanceof HTMLButtonElement && (held.hidden || held.disabled) && root.contains(held)) el('done').focus();
  for (const mood of moods) root.classList.toggle(mood, mood === stage.mood);
  signs(stage.step, run.present?.index ?? -1);
  for (const picture of el('gestures')?.children ?? []) picture.hidden = Number(picture.dataset.step) !== run.present?.index;
  pace(run, now, stage.step);
  setText(el('said'), spoken(stage));
  if (stage.beforehand !== heard && stage.beforehand && wishes().speech) speak(`Meanwhile: ${stage.beforehand}`);
  heard = stage.beforehand;
  also(stage.also);
  for (const step of el('all-steps').querySelectorAll('[data-step]')) step.classList.toggle('at-hand', Number(step.dataset.step) === run.present?.index);
  for (const svg of root.querySelectorAll('svg.chart')) {
    const { from, to, left: x0, right: x1 } = svg.dataset;
    const line = svg.querySelector('.chart-now');
    if (!line) continue;
    const x = Number(x0) + ((Math.min(now, Number(to)) - Number(from)) / (Number(to) - Number(from))) * (Number(x1) - Number(x0));
    line.setAttribute('visibility', run.startedAtMs === null ? 'hidden' : 'visible');
    line.setAttribute('x1', x);
    line.setAttribute('x2', x);
  }
  const waiting = kept(id).length;
  const keeps = `${waiting} ${waiting === 1 ? 'press is' : 'presses are'} stored here and sent when it is back.`;
  setText(el('link-state'), link.down ? `No connection. ${waiting > 0 ? keeps : 'The clock goes on here.'}` : storage.broken ? 'This device cannot store anything: leave this page open until the brew is over.' : '');
  if (link.problem) tell(link.problem);
  if (!leaving && waiting === 0 && (brews.get(id).state === 'Over' || (!run.present && !link.down && brews.get(id).asked))) {
    leaving = true;
    location.href = `/brew/${id}/after`;
  }
  // At the end it is loaded once more, and the server says that it is over.
  if (!run.present && !brews.get(id).asked) {
    brews.get(id).asked = true;
    follow();
  }
};

const tell = (text) => {
  link.problem = '';
  el('brew-problem').textContent = text;
  el('brew-problem').hidden = false;
  setTimeout(() => { el('brew-problem').hidden = true; }, 6_000);
};

// ---- presses ----

/** Presses within half a second are one, by the monotonic clock, since the date may change. */
const press = (make) => {
  const at = performance.now();
  if (at - lastPress < ONE_PRESS_MS) return;
  draw();
  const entry = make(shown);
  if (!entry) return;
  lastPress = at;
  // Shown as taken for as long as another press would count as the same.
  el('brew').toggleAttribute('data-pressed', true);
  setTimeout(() => el('brew').toggleAttribute('data-pressed', false), ONE_PRESS_MS);
  say(id, ...entry);
  draw();
  setTimeout(picture, 300);
};
const act = () => press(({ stage }) => stage.action && [stage.action.kind, stage.action.step]);
const takeBack = () => press(({ run }) => run.last && (run.last.entry === null ? ['still', run.last.step] : ['undo', run.last.step, run.last.entry]));
/** Undoing the start stops the clock, so it needs confirmation. */
const undo = () => {
  draw();
  if (entriesOf(id).some((one) => one.kind === 'start' && one.id === shown.run.last?.entry)) el('ask-start').showModal();
  else takeBack();
};
const unstart = () => {
  el('ask-start').close();
  takeBack();
};
const still = () => press(({ run }) => run.present && ['still', run.present.index]);
const begin = () => press(({ run }) => run.startedAtMs === null && ['start', plan.anchor]);

for (const [form, what] of [['hands', act], ['undo-form', undo], ['still-form', still], ['start-form', begin], ['unstart-form', unstart]]) {
  el(form).addEventListener('submit', (event) => {
    event.preventDefault();
    what();
  });
}
el('also').addEventListener('submit', (event) => {
  event.preventDefault();
  press(() => ['done', Number(event.submitter.value)]);
});
// A clock that was started late is corrected: the earliest start counts.
el('late-form').addEventListener('submit', (event) => {
  event.preventDefault();
  const seconds = Number(el('late').value.replace(',', '.'));
  const { most } = event.target.dataset;
  if (!(seconds > 0 && seconds <= Number(most))) {
    tell(`Say how many seconds late it was started, up to ${most}.`);
    return;
  }
  press(({ run }) => run.startedAtMs !== null && ['start', plan.anchor, null, Math.round(run.startedAtMs - seconds * 1000)]);
  el('late').value = '';
  el('late-part').open = false;
});
el('stage').addEventListener('click', act);
document.addEventListener('keydown', (event) => {
  if (el('keys').open || el('ask-start').open || event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
  // Space on a control belongs to the control.
  if (event.key === ' ' && !isControl(event.target)) {
    event.preventDefault();
    act();
  } else if (event.key === 'Enter' && !isControl(event.target) && shown?.run.startedAtMs === null) {
    event.preventDefault();
    begin();
  } else if (event.key === 'Backspace' && !isTyping(event.target)) {
    event.preventDefault();
    undo();
  }
});

// ---- drawings, from the server: without it the last ones stay, and the time line moves on ----

/** Text that changes in place: its buttons stay, also under a finger, and it is not announced again. */
const renew = (place, part) => {
  place.setAttribute('aria-live', 'off');
  for (const fresh of part.querySelectorAll('[data-live]')) {
    const there = place.querySelector(`[data-live="${fresh.dataset.live}"]`);
    if (!there) continue;
    if (fresh instanceof HTMLInputElement) there.value = fresh.value;
    else if (there.textContent !== fresh.textContent) there.textContent = fresh.textContent;
  }
};

/** Inserts the parts of the current moment; a part whose key has not changed stays. */
const show = (html) => {
  const moment = document.createElement('template');
  moment.innerHTML = html;
  for (const part of moment.content.querySelectorAll('[data-part]')) {
    const place = el(part.dataset.part);
    if (part.dataset.key !== undefined && part.dataset.key === place.dataset.key) {
      renew(place, part);
      continue;
    }
    place.removeAttribute('aria-live');
    const focused = place.contains(document.activeElement);
    if (part.dataset.key !== undefined) place.dataset.key = part.dataset.key;
    place.replaceChildren(...part.childNodes);
    if (focused) el('done').focus();
  }
};

// Deviations are answered without leaving the page, because a reloaded page is silent until it is touched.
for (const part of ['deviation', 'omitted']) el(part).addEventListener('submit', async (event) => {
  event.preventDefault();
  const body = new URLSearchParams(new FormData(event.target, event.submitter));
  try {
    const answer = await fetch(event.target.action, { method: 'POST', body });
    if (!answer.ok) tell('That answer was not accepted. This is the current state.');
  } catch {
    tell('No connection: this can be answered when it is back.');
  }
  el(part).dataset.key = '';
  await follow();
  picture();
});

let pictured = 0;
const picture = async () => {
  if (document.visibilityState !== 'visible') return;
  pictured = performance.now();
  try {
    const answer = await fetch(`/brew/${id}?handler=Picture`);
    if (answer.ok && !answer.redirected) show(await answer.text());
  } catch {
    // the clock continues
  }
  draw();
};

let awake = null;
const keepAwake = async () => {
  const tellAwake = (text) => setText(el('awake-state'), text);
  if (!window.isSecureContext) return tellAwake('The screen cannot be kept on at this address, which is not encrypted. Set the device not to sleep.');
  if (!navigator.wakeLock) return tellAwake('This browser cannot keep the screen on. Set the device not to sleep.');
  try {
    if (document.visibilityState === 'visible' && shown?.run.startedAtMs && (awake === null || awake.released)) {
      awake = await navigator.wakeLock.request('screen');
      tellAwake('The screen stays on while the clock runs.');
    }
  } catch {
    tellAwake('The screen may switch off.');
  }
};
document.addEventListener('visibilitychange', () => {
  follow();
  picture();
  keepAwake();
});

// ---- live readings of instruments ----

const told = {
  // As the server writes it: tenths of a gram while they matter.
  scaleG: (value) => `scale ${(value * plan.perG).toFixed(plan.decimals === 0 && Math.abs(value) < 100 ? 1 : plan.decimals)} ${plan.massUnit}`,
  slurryC: (value) => `in the vessel ${temperature(value)}`,
  kettleC: (value) => `kettle ${temperature(value)}`,
  burnerW: (value) => `flame ${value.toFixed(0)} W`,
  tdsPercent: (value) => `read ${value.toFixed(2)} % TDS`,
};
const temperature = (c) => (plan.fahrenheit ? `${(c * 1.8 + 32).toFixed(0)} °F` : `${c.toFixed(0)} °C`);
const listen = () => {
  if (!el('heard').dataset.live || !globalThis.EventSource) return;
  const source = new EventSource(`/api/brews/${id}/live`);
  source.addEventListener('moment', ({ data }) => {
    live = { ...JSON.parse(data), heard: performance.now() };
    const words = Object.keys(told).filter((word) => word in live.values).map((word) => told[word](live.values[word]));
    if (live.streamGPerS > 0.5) words.splice(1, 0, `${live.streamGPerS.toFixed(1)} g/s`);
    if (el('heard-now')) setText(el('heard-now'), words.join(' · '));
    if (live.changed) {
      follow();
      picture();
    }
  });
};

onDraw(draw);
draw();
keepAwake();
listen();
// The stage reacts to taps from here on; its buttons are forms and work from the start.
root.dataset.ready = '';
setInterval(() => {
  // More happens per second in a rehearsal.
  if (performance.now() - pictured > 3_000 / (brews.get(id).speed ?? 1) && !link.down) picture();
  keepAwake();
}, 1_000);
