// Calls: before, at and after a step's time, by sound, sight, vibration, speech and notification. Sounds are scheduled ahead on the
// audio clock, so that they are on time in a background tab.
import { cuesAhead, replay } from './brew-run.js';
import { brewMs, brews, entriesOf, realMs, serverNow } from './bench.js';

/** How far ahead sounds are scheduled, s: longer than the slowest timer of a background page. */
const AHEAD = 90;
/** Interval at which an unanswered end of the steep is called again, s. */
const AGAIN = 2;

const defaults = { sound: true, volume: 70, vibration: true, speech: false, ticks: true, notify: false };
const key = 'cistern-cues';
export const wishes = () => {
  try {
    return { ...defaults, ...JSON.parse(localStorage.getItem(key) ?? '{}') };
  } catch {
    return { ...defaults };
  }
};
export const wish = (change) => {
  try {
    localStorage.setItem(key, JSON.stringify({ ...wishes(), ...change }));
  } catch {
    // Applies to this page only, which is all that is possible without storage.
    Object.assign(defaults, change);
  }
  layAhead();
};

let audio = null;
/** Whether this page can sound: browsers keep a page silent until it has been touched. */
export const canSound = () => audio !== null && audio.state === 'running';
export const unlock = () => {
  try {
    audio ??= new AudioContext();
    audio.resume().then(layAhead, () => {});
  } catch {
    // This device has no sound; sight, vibration and speech remain.
  }
};
for (const event of ['pointerdown', 'keydown']) document.addEventListener(event, unlock, { capture: true });
if (navigator.userActivation?.hasBeenActive) unlock();

/** The three sounds; each running brew has its own pitch. */
const lanes = [1, 4 / 3, 3 / 2, 5 / 4];
const shapes = {
  before: [[620, 0, 0.12]],
  at: [[880, 0, 0.28], [1320, 0.28, 0.45]],
  late: [[440, 0, 0.18], [660, 0.2, 0.18], [440, 0.4, 0.18]],
  tick: [[1500, 0, 0.03]],
};
const play = (kind, when, lane, grown = 0) => {
  const { sound, volume } = wishes();
  if (!sound || !canSound()) return [];
  const loud = Math.min(1, Math.pow(volume / 100, 2) * (kind === 'tick' ? 0.3 : 1) * (1 + grown));
  if (loud <= 0) return [];
  return shapes[kind].map(([hertz, delay, seconds]) => {
    const from = Math.max(audio.currentTime, when) + delay;
    const gain = audio.createGain();
    const wave = audio.createOscillator();
    wave.type = kind === 'late' ? 'square' : 'sine';
    wave.frequency.value = hertz * lanes[lane % lanes.length];
    gain.gain.setValueAtTime(0.0001, from);
    gain.gain.exponentialRampToValueAtTime(Math.max(0.001, loud * (kind === 'late' ? 0.5 : 1)), from + 0.015);
    gain.gain.exponentialRampToValueAtTime(0.0001, from + seconds);
    wave.connect(gain).connect(audio.destination);
    wave.start(from);
    wave.stop(from + seconds + 0.02);
    return wave;
  });
};

/** The calls of a brew in real time: a rehearsal's come faster. */
export const callsAhead = (id, nowMs) => (brews.has(id) ? callsByClock(id, brewMs(id, nowMs)).map((call) => ({ ...call, atMs: realMs(id, call.atMs) })) : []);

/** How late the start of B of a pair may be before it is called again, s. */
export const START_GRACE = 5;
/** The calls to start B of a pair. */
const startCalls = (id, { plan, startsAtMs }, nowMs) => {
  if (!startsAtMs) return [];
  const calls = [5, 3, 2, 1].map((early) => ({ id, kind: 'before', index: plan.anchor, atMs: startsAtMs - early * 1000, grown: 0 }));
  calls.push({ id, kind: 'at', index: plan.anchor, atMs: startsAtMs, grown: 0, due: true });
  const passed = Math.max(0, Math.ceil((nowMs - startsAtMs - START_GRACE * 1000) / (AGAIN * 1000)));
  for (let when = startsAtMs + (START_GRACE + passed * AGAIN) * 1000; when <= nowMs + AHEAD * 1000; when += AGAIN * 1000) calls.push({ id, kind: 'late', index: plan.anchor, atMs: when, grown: Math.min(2, (when - startsAtMs) / 15_000) });
  return calls.filter((call) => call.atMs > nowMs);
};

/** Every call within the horizon, by time: what is sounded, and what is shown and spoken at its time. */
const callsByClock = (id, nowMs) => {
  const brew = brews.get(id);
  if (!brew?.plan || brew.state === 'Over') return [];
  const entries = entriesOf(id);
  const { startedAtMs: zero, present } = replay(brew.plan, entries, nowMs);
  if (zero === null) return startCalls(id, brew, nowMs);
  const calls = [];
  for (const { at, kind, index } of cuesAhead(brew.plan, entries, nowMs, (nowMs - zero) / 1000 + AHEAD)) {
    const atMs = zero + at * 1000;
    if (kind === 'insist') {
      const passed = Math.max(0, Math.ceil((nowMs - atMs) / (AGAIN * 1000)));
      for (let when = atMs + passed * AGAIN * 1000; when <= nowMs + AHEAD * 1000; when += AGAIN * 1000) {
        if (when > nowMs) calls.push({ id, kind: 'late', index, atMs: when, grown: Math.min(2, (when - atMs) / 15_000) });
      }
    } else {
      for (const early of [5, 3, 2, 1]) if (atMs - early * 1000 > nowMs) calls.push({ id, kind: 'before', index, atMs: atMs - early * 1000, grown: 0, first: early === 5 && kind === 'due' });
      calls.push({ id, kind: 'at', index, atMs, grown: 0, due: kind === 'due' });
    }
  }
  const step = present ? brew.plan.steps[present.index] : null;
  if (step?.turns && present.length > 0 && wishes().ticks) {
    const from = zero + (present.begun ?? present.due) * 1000;
    for (let turn = 0; turn < step.turns; turn += 1) {
      const atMs = from + (turn * present.length * 1000) / step.turns;
      if (atMs > nowMs) calls.push({ id, kind: 'tick', index: present.index, atMs, grown: 0 });
    }
  }
  return calls.sort((a, b) => a.atMs - b.atMs);
};

/** What is scheduled on the audio clock, by call: {atMs, from, nodes}. */
const laid = new Map();
/** How far the audio clock and the server's time may differ before everything is scheduled again, ms. */
const APART = 20;
let apart = null;
const takeUp = (key) => {
  for (const node of laid.get(key).nodes) { try { node.stop(); } catch { /* it has sounded */ } }
  laid.delete(key);
};
/** Schedules the sounds of the next minute and a half, and cancels those that are no longer due. */
const lay = () => {
  if (!canSound()) return;
  const now = serverNow();
  const clock = audio.currentTime;
  const moved = apart === null || Math.abs(clock * 1000 - now - apart) > APART;
  if (moved) apart = clock * 1000 - now;
  const calls = new Map([...brews.keys()].sort((a, b) => a - b).flatMap((id, lane) => callsAhead(id, now).map((call) => [`${id}:${call.kind}:${call.index}:${Math.round(call.atMs / 20)}`, { ...call, lane }])));
  for (const [key, { atMs }] of [...laid]) {
    if (atMs > now && (moved || !calls.has(key))) takeUp(key);
    else if (atMs < now - 3_000) laid.delete(key);
  }
  for (const [key, { kind, atMs, lane, grown }] of calls) {
    if (laid.has(key)) continue;
    const from = clock + (atMs - now) / 1000;
    laid.set(key, { atMs, from, nodes: play(kind, from, lane, grown) });
  }
};
/** Schedules everything again, when the settings have changed. */
const layAhead = () => {
  apart = null;
  lay();
};

const phrase = (step) => `${step.verb} ${step.target}`.trim();
/** A step as the voice says it, with its caution. */
const whole = (step) => [phrase(step), step.caution].filter(Boolean).join('. ');
/** Speaks a step with the device's own voice, for when somebody else is at the brewer. */
export const speak = (text) => {
  const voice = globalThis.speechSynthesis?.getVoices().find((one) => one.localService && one.lang.startsWith('en'));
  if (!voice) return false;
  const said = new SpeechSynthesisUtterance(text);
  said.voice = voice;
  speechSynthesis.speak(said);
  return true;
};
export const buzz = (kind) => navigator.userActivation?.hasBeenActive !== false && navigator.vibrate?.({ before: 80, at: [300, 120, 300], late: [500, 150, 500, 150, 500] }[kind] ?? 0);
const notify = async (text, id) => {
  if (!wishes().notify || globalThis.Notification?.permission !== 'granted' || document.visibilityState === 'visible') return;
  const registration = await navigator.serviceWorker?.getRegistration();
  const options = { tag: `brew-${id}`, renotify: true, data: { url: `/brew/${id}` } };
  if (registration) registration.showNotification(text, options);
  else new Notification(text, options);
};

/** How far the sound of a call was off its time, ms: the audio clock now against the scheduled time. */
const soundOff = (atMs, now) => {
  const sounded = [...laid.values()].find((call) => Math.abs(call.atMs - atMs) < 20);
  return sounded && canSound() ? Math.round((audio.currentTime - sounded.from) * 1000 - (now - atMs)) : '';
};

let before = null;
/**
 * Makes the calls due since the last time: shown, spoken, vibrated and notified, each once. Calls missed while the device slept are skipped, except the last of an unanswered one.
 * @returns {number} how long until the next call, ms
 */
export const look = () => {
  const now = serverNow();
  let next = Infinity;
  const since = before === null || now - before > 3_000 ? now - 300 : before;
  before = now;
  for (const [id, brew] of brews) {
    if (!brew.plan || brew.state === 'Over') continue;
    for (const call of callsAhead(id, since)) {
      if (call.atMs > now) {
        next = Math.min(next, call.atMs - now);
        break;
      }
      if (call.kind === 'tick') continue;
      const step = brew.plan.steps[call.index];
      if (wishes().vibration) buzz(call.kind);
      document.body.dataset.cue = `${call.kind} ${call.index} ${Math.round(call.atMs)}`;
      document.body.dataset.cueOff = `${Math.round(now - call.atMs)} ${soundOff(call.atMs, now)}`;
      if (call.kind === 'at' && call.due) {
        if (wishes().speech) speak(whole(step));
        notify(phrase(step), id);
      } else if (call.first && wishes().speech) speak(`In five seconds: ${phrase(step)}`);
      else if (call.kind === 'late') notify(`${step.begins}: ${brew.name}`, id);
    }
  }
  lay();
  return next;
};

/** Tries one, whatever the settings; this is what the button is for. */
export const tryOut = async (kind) => {
  unlock();
  await audio?.resume();
  play(kind, audio?.currentTime ?? 0, 0);
};
