// The running brew: counts, sounds, takes presses, and goes on when the network does not.
// Every press is kept on the device until the server has it, carries a key, and counts once.

import { clock } from './clock.js';
import { isControl, isTyping, tellGauge } from './frame.js';
import { replay, standing } from './brew-run.js';

const root = document.getElementById('brew');
const plan = JSON.parse(root.dataset.plan);
const id = root.dataset.id;
const token = root.querySelector('input[name="__RequestVerificationToken"]').value;
const store = `cistern-brew-${id}`;
const el = (name) => document.getElementById(name);
const words = (step) => `${step.verb} ${step.target}`.trim();

let ahead = Number(root.dataset.now) - Date.now();
let startedAt = root.dataset.started ? Number(root.dataset.started) : null;
let taken = [];
let waiting = JSON.parse(localStorage.getItem(store) ?? '[]');
let lastPress = 0;
let sending = false;
let over = false;

const now = () => Date.now() + ahead;
const presses = () => {
  const known = new Set(taken.map((press) => press.key));
  return [...taken, ...waiting.filter((press) => !known.has(press.key))];
};
const start = () => {
  if (startedAt !== null) return startedAt;
  const first = waiting.find((press) => press.kind === 'done');
  return first ? first.at + ahead : null;
};
const elapsed = () => (start() === null ? 0 : Math.max(0, (now() - start()) / 1000));

// ---- what the screen says ----

const left = (seconds) => (seconds < 60 ? `${Math.ceil(seconds)}` : clock(Math.ceil(seconds)));

const stageOf = (run, at) => {
  if (!run.present) return { verb: 'Done', target: 'Taste it when it is cool enough', caution: null, countdown: '', late: false, then: '', button: 'Taste' };
  const step = plan.steps[run.present.index];
  if (!run.clockRuns) return { verb: 'Make ready', target: plan.clockStart, caution: step.caution, countdown: '', late: false, then: words(step), button: 'Start' };
  const { start: due, length } = run.present;
  if (at < due - 0.05) return { verb: 'Hold', target: `until ${clock(due)}`, caution: step.caution, countdown: left(due - at), late: false, then: `at ${clock(due)} ${words(step)}`, button: 'Done early' };
  const rest = due + length - at;
  const then = run.next ? plan.steps[run.next.index] : null;
  return {
    verb: step.verb,
    target: step.target,
    caution: step.caution,
    countdown: rest >= 0 ? left(rest) : `+${left(-rest)}`,
    late: rest < -1,
    then: then ? `then, at ${clock(run.next.start)}, ${words(then)}` : 'the last step',
    button: 'Done',
  };
};

const setText = (name, text) => {
  const node = el(name);
  if (node.textContent !== text) node.textContent = text;
};

const draw = () => {
  const at = elapsed();
  const all = presses();
  const run = replay(plan, all, at);
  const stage = stageOf(run, at);
  setText('verb', stage.verb);
  setText('target', stage.target);
  setText('caution', stage.caution ?? '');
  el('caution').hidden = !stage.caution;
  setText('countdown-number', stage.countdown);
  setText('countdown-unit', stage.countdown === '' || stage.countdown.includes(':') ? '' : 's');
  el('countdown').classList.toggle('late', stage.late);
  el('clock').hidden = !run.clockRuns;
  setText('clock-time', clock(Math.floor(at)));
  setText('then', stage.then);
  setText('done-word', stage.button);
  el('ready').hidden = run.clockRuns;
  el('undo').disabled = standing(all).length === 0;
  el('done').disabled = false;
  tellGauge(start(), ahead);
  for (const svg of root.querySelectorAll('svg.tide')) {
    const { from, to, left: x0, right: x1 } = svg.dataset;
    const line = svg.querySelector('.tide-now');
    const x = Number(x0) + ((Math.min(at, Number(to)) - Number(from)) / (Number(to) - Number(from))) * (Number(x1) - Number(x0));
    line.setAttribute('visibility', run.clockRuns ? 'visible' : 'hidden');
    line.setAttribute('x1', x);
    line.setAttribute('x2', x);
  }
  sound(run, at);
  if (!run.present && waiting.length === 0 && !over) finish();
};

const finish = () => {
  over = true;
  location.href = `/taste/${id}`;
};

// ---- sound, vibration, and a screen that stays awake ----

let audio = null;
let sounded = new Set();
let lastAt = null;
const volume = el('volume');
volume.value = localStorage.getItem('cistern-volume') ?? '70';
volume.addEventListener('change', () => localStorage.setItem('cistern-volume', volume.value));

const tone = (hertz, seconds, delay = 0) => {
  audio ??= new AudioContext();
  audio.resume();
  const loudness = Math.pow(Number(volume.value) / 100, 2);
  if (loudness === 0) return;
  const from = audio.currentTime + delay;
  const gain = audio.createGain();
  const wave = audio.createOscillator();
  wave.frequency.value = hertz;
  gain.gain.setValueAtTime(0.0001, from);
  gain.gain.exponentialRampToValueAtTime(Math.max(0.001, loudness), from + 0.02);
  gain.gain.exponentialRampToValueAtTime(0.0001, from + seconds);
  wave.connect(gain).connect(audio.destination);
  wave.start(from);
  wave.stop(from + seconds);
};
const before = () => {
  tone(660, 0.15);
  navigator.vibrate?.(80);
};
const cue = () => {
  tone(880, 0.35);
  tone(1320, 0.5, 0.35);
  navigator.vibrate?.([300, 120, 300]);
};

el('test-sound').addEventListener('click', () => {
  before();
  setTimeout(cue, 700);
});

/** Sounds five, then three, two, one seconds before a cue, and at it; each once, and none for moments slept through. */
const sound = (run, at) => {
  if (run.clockRuns && run.present && lastAt !== null && at - lastAt < 2) {
    const { index, start: due, length } = run.present;
    for (const moment of new Set([due, due + length])) {
      for (const early of [5, 3, 2, 1, 0]) {
        const key = `${index} ${moment} ${early}`;
        if (lastAt < moment - early && at >= moment - early && !sounded.has(key)) {
          sounded.add(key);
          (early === 0 ? cue : before)();
          document.body.dataset.cue = key;
        }
      }
    }
  }
  lastAt = at;
};

let awake = null;
const keepAwake = async () => {
  const say = (text) => setText('awake-state', text);
  if (!window.isSecureContext) return say('The screen cannot be kept awake over this address: it needs https, or the bench itself. Set the device not to sleep.');
  if (!navigator.wakeLock) return say('This browser cannot keep the screen awake. Set the device not to sleep.');
  try {
    if (document.visibilityState === 'visible' && start() !== null && (awake === null || awake.released)) {
      awake = await navigator.wakeLock.request('screen');
      say('The screen is kept awake while the clock runs.');
    }
  } catch {
    say('The browser did not keep the screen awake; a low battery can be why.');
  }
};
document.addEventListener('visibilitychange', keepAwake);

// ---- presses ----

/** A plain http address in the house has no crypto.randomUUID. */
const newKey = () => crypto.randomUUID?.() ?? '10000000-1000-4000-8000-100000000000'.replace(/[018]/g, (c) => (c ^ (crypto.getRandomValues(new Uint8Array(1))[0] & (15 >> (c / 4)))).toString(16));

const save = () => localStorage.setItem(store, JSON.stringify(waiting));

const press = (kind) => {
  const moment = Date.now();
  if (moment - lastPress < 500) return;
  lastPress = moment;
  const at = elapsed();
  const all = presses();
  const run = replay(plan, all, at);
  if (kind === 'done' && !run.present) return finish();
  const before = standing(all);
  if (kind === 'undo' && before.length === 0) return;
  const step = kind === 'done' ? run.present.index : before.at(-1).step;
  waiting.push({ key: newKey(), kind, step, elapsed: start() === null ? 0 : at, at: moment });
  save();
  if (kind === 'undo' && before.length === 1) startedAt = null;
  draw();
  keepAwake();
  send();
};

const link = (text) => setText('link-state', text);

const take = (reply) => {
  ahead = reply.nowMs - Date.now();
  taken = reply.presses;
  const known = new Set(taken.map((one) => one.key));
  waiting = waiting.filter((one) => !known.has(one.key));
  save();
  // A start still on its way is the device's own; otherwise the server says when it was.
  if (reply.startedAtMs !== null || waiting.length === 0) startedAt = reply.startedAtMs;
  if (reply.state === 'Abandoned') location.href = `/log/${id}`;
  if (reply.state === 'Finished' && waiting.length === 0 && !over) finish();
};

/** What waits is sent in order, one at a time. */
const send = async () => {
  if (sending) return;
  sending = true;
  try {
    while (waiting.length > 0) {
      const one = waiting[0];
      const body = new URLSearchParams({ key: one.key, kind: one.kind, step: one.step, elapsed: one.elapsed.toFixed(3), age: Math.max(0, Date.now() - one.at) });
      const answer = await fetch(`/brew/${id}?handler=Press`, { method: 'POST', keepalive: true, body, headers: { Accept: 'application/json', 'X-Form-Token': token } });
      if (!answer.ok) {
        // The server is there but will not take it: a form open for too long, or a brew that is gone.
        link(`The server answered ${answer.status}. Reload this page; ${waiting.length === 1 ? 'the press is' : 'the presses are'} kept here.`);
        return;
      }
      const reply = await answer.json();
      const refused = reply.message !== null;
      if (refused) {
        // Somebody else was quicker: what still waits was meant for another state, so it goes.
        waiting = [];
        el('brew-problem').textContent = reply.message;
        el('brew-problem').hidden = false;
        setTimeout(() => { el('brew-problem').hidden = true; }, 6000);
      }
      take(reply);
      link('');
    }
  } catch {
    link(`No connection. ${waiting.length} ${waiting.length === 1 ? 'press is' : 'presses are'} kept here and sent when it is back.`);
  } finally {
    sending = false;
    draw();
  }
};

const follow = async () => {
  if (waiting.length > 0) return send();
  try {
    const answer = await fetch(`/brew/${id}?handler=State`, { headers: { Accept: 'application/json' } });
    if (answer.ok && waiting.length === 0) {
      take(await answer.json());
      link('');
      draw();
    }
  } catch {
    link('No connection. The clock goes on here.');
  }
};

for (const [form, kind] of [['hands', 'done'], ['undo-form', 'undo']]) {
  el(form).addEventListener('submit', (event) => {
    event.preventDefault();
    press(kind);
  });
}
el('stage').addEventListener('click', () => press('done'));
document.addEventListener('keydown', (event) => {
  if (el('keys').open || event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
  // Space on a control is the control's own; u means nothing to a button.
  if (event.key === ' ' && !isControl(event.target)) {
    event.preventDefault();
    press('done');
  } else if (event.key === 'u' && !isTyping(event.target)) {
    press('undo');
  }
});

// The stage takes taps from here on; the Done button is a form and has taken them since the page came.
root.dataset.ready = '';

follow().then(() => {
  draw();
  setInterval(draw, 200);
  setInterval(follow, 2000);
  keepAwake();
});
