// Part of every page: the list of keys, letters that lead to the sections, and the running brews: their time and next step at the top
// and in the title, and an end of the steep that was not answered, until it is.
import { brews, follow, guessTime, letGo, link, nowOf, onChange, orphans, runOf, serverNow } from './bench.js';
import { insistsFrom } from './brew-run.js';
import { clock } from './clock.js';
import { START_GRACE, canSound, look, unlock, wishes } from './cues.js';
import { offerNotifications } from './notify-offer.js';
import { stageOf } from './stage.js';

const places = { b: '/', h: '/shelf', p: '/plan', r: '/brew', t: '/taste', l: '/log' };
const keys = document.getElementById('keys');

export const isTyping = (target) => target instanceof Element && target.closest('input, textarea, select') !== null;
export const isControl = (target) => target instanceof Element && target.closest('input, textarea, select, button, a, summary') !== null;

/** Whether a single letter leads to a section; those who use speech input may switch it off. */
const lettersKey = 'cistern-letters';
const letters = document.getElementById('letters');
try {
  letters.checked = localStorage.getItem(lettersKey) !== 'off';
} catch {
  // Without storage it applies to this page.
}
letters.addEventListener('change', () => {
  try {
    localStorage.setItem(lettersKey, letters.checked ? 'on' : 'off');
  } catch {
    // See above.
  }
});

// ---- pictures and signs waiting for the network ----

try {
  if (localStorage.getItem('cistern-pictures')) import('./pictures.js');
  if (localStorage.getItem('cistern-signs')) import('./signs.js');
} catch {
  // Without storage nothing waits.
}

// ---- the focus after a form ----

/** A form that leads back to its own page returns the focus to the button that sent it; a reloaded page would have it at the top. */
const sentKey = 'cistern-sent';
document.addEventListener('submit', ({ target, submitter }) => {
  try {
    if (target.method === 'post') sessionStorage.setItem(sentKey, JSON.stringify([location.pathname, target.getAttribute('action'), [...target.elements].indexOf(submitter)]));
  } catch {
    // Without storage the focus is at the top.
  }
});
try {
  const [path, action, index] = JSON.parse(sessionStorage.getItem(sentKey)) ?? [];
  sessionStorage.removeItem(sentKey);
  const sent = path === location.pathname && [...document.forms].find((form) => form.getAttribute('action') === action);
  const problem = document.querySelector('main [aria-invalid="true"]');
  if (document.activeElement === document.body) (problem && path === location.pathname ? problem : sent && sent.elements[index])?.focus?.();
} catch {
  // See above.
}

/** Elements that do not scroll need no stop for the keyboard. */
const stops = () => {
  for (const region of document.querySelectorAll('.scroll')) region.tabIndex = region.scrollWidth > region.clientWidth || region.scrollHeight > region.clientHeight ? 0 : -1;
};
stops();
addEventListener('resize', stops);
document.addEventListener('page-changed', stops);

document.getElementById('show-keys')?.addEventListener('click', () => keys.showModal());

/** While a brew is on the screen single letters are off, so that touching the keys by accident does not leave it. */
const conducting = document.getElementById('brew') !== null;
document.addEventListener('keydown', (event) => {
  if (conducting || !letters.checked || event.ctrlKey || event.metaKey || event.altKey || keys.open || isTyping(event.target)) return;
  if (event.key === '?') {
    event.preventDefault();
    keys.showModal();
  } else if (places[event.key]) {
    location.href = places[event.key];
  }
});

// ---- the running brews ----

const gauge = document.getElementById('gauge-brews');
guessTime(Number(gauge.dataset.now));
const level = document.getElementById('gauge-level');
const alarm = document.getElementById('alarm');
const title = document.title;

/** When B of a pair must be started, in words. */
const startsText = (startsIn) => (startsIn > 0 ? `start in ${clock(Math.ceil(startsIn))}` : `start now${startsIn < -1 ? `, ${clock(Math.floor(-startsIn))} late` : ''}`);

/** Each brew with its stage, the one due first at the top. */
export const lanes = () => [...brews.values()].filter((brew) => brew.plan && brew.state !== 'Over').map((brew) => {
  const run = runOf(brew.id);
  const now = nowOf(brew.id, run);
  const { present } = run;
  const insists = run.startedAtMs !== null && present ? insistsFrom(brew.plan, present) : null;
  const startsIn = run.startedAtMs === null && brew.startsAtMs ? (brew.startsAtMs - serverNow()) / 1000 : null;
  const due = startsIn ?? dueOf(run, now);
  return { brew, run, now, due, startsIn, stage: stageOf(brew.plan, run, now), insists: startsIn === null ? insists !== null && now >= insists : startsIn < -START_GRACE };
}).sort((a, b) => Number(b.insists) - Number(a.insists) || a.due - b.due);
const dueOf = ({ startedAtMs, present }, now) => startedAtMs === null || !present ? Infinity : present.begun === null && now < present.due ? present.due - now : (present.high ?? (present.begun ?? present.due) + present.length) - now;

const laneOf = (id) => gauge.querySelector(`[data-id="${id}"]`) ?? gauge.appendChild(Object.assign(document.createElement('a'), { className: 'gauge-brew', href: `/brew/${id}`, innerHTML: '<span class="gauge-time"></span><span class="gauge-next"></span><span class="gauge-name"></span>' }));
/** Writes a text where it has changed, so that an unchanged one is not announced or drawn again. */
export const setText = (node, text) => { if (node && node.textContent !== text) node.textContent = text; };
/** Puts a list's items in order: moved only where the order has changed, and never while one has the focus. */
export const inOrder = (list, items) => {
  if (list.contains(document.activeElement)) return;
  items.forEach((item, place) => { if (list.children[place] !== item) list.insertBefore(item, list.children[place]); });
};

const draw = () => {
  const all = lanes();
  for (const { brew, run, now, startsIn, stage, insists } of all) {
    const lane = laneOf(brew.id);
    lane.dataset.id = brew.id;
    lane.classList.toggle('insists', insists);
    setText(lane.querySelector('.gauge-time'), run.startedAtMs === null ? 'ready' : clock(Math.floor(now)));
    if (startsIn !== null && conducting && Number(document.getElementById('brew').dataset.id) === brew.id) setText(document.getElementById('starts-in'), startsText(startsIn));
    setText(lane.querySelector('.gauge-next'), startsIn !== null ? startsText(startsIn) : run.startedAtMs === null ? '' : `${stage.verb} ${stage.countdown}`);
    setText(lane.querySelector('.gauge-name'), brew.name);
  }
  inOrder(gauge, all.map(({ brew }) => laneOf(brew.id)));
  for (const lane of gauge.querySelectorAll('.gauge-brew')) if (brews.has(Number(lane.dataset.id)) && !all.some((one) => one.brew.id === Number(lane.dataset.id))) lane.remove();
  const first = all.find((one) => one.run.startedAtMs !== null);
  if (first) {
    const share = Math.min(1, Math.max(0, first.now / Math.max(1, first.brew.plan.finishS)));
    level.setAttribute('y', String(800 * (1 - share)));
    level.setAttribute('height', String(800 * share));
  }
  const calls = all.find((one) => one.insists);
  const next = calls ?? first;
  const blink = calls && Math.floor(serverNow() / 1000) % 2 === 0;
  setTitle(next ? `${blink ? '▲ ' : ''}${calls ? (calls.startsIn === null ? calls.stage.action?.word ?? calls.stage.verb : 'Start') : `${next.stage.countdown} ${next.stage.verb}`} · ${title}` : title);
  const elsewhere = calls && !document.getElementById('lanes') && !(conducting && Number(document.getElementById('brew').dataset.id) === calls.brew.id);
  const orphan = [...orphans][0];
  alarm.hidden = !elsewhere && orphan === undefined;
  if (elsewhere) {
    // What to do is announced once; the seconds are only shown.
    setText(alarm.querySelector('.alarm-what'), `${calls.startsIn === null ? calls.stage.action?.word ?? calls.stage.verb : 'Start'}: ${calls.brew.name}`);
    setText(alarm.querySelector('.alarm-for'), calls.startsIn === null ? `${calls.stage.countdown}${calls.stage.countdown.includes(':') ? '' : ' s'}` : `${clock(Math.floor(-calls.startsIn))} late`);
    alarm.querySelector('a').href = `/brew/${calls.brew.id}`;
    alarm.querySelector('button').hidden = true;
  } else if (orphan !== undefined) {
    setText(alarm.querySelector('.alarm-for'), '');
    setText(alarm.querySelector('.alarm-what'), `Presses of brew ${orphan} are stored on this device, but there is no such brew here. They may belong to another data file.`);
    alarm.querySelector('a').removeAttribute('href');
    alarm.querySelector('button').hidden = false;
    alarm.querySelector('button').onclick = () => {
      letGo(orphan);
      draw();
    };
  }
  const silent = document.getElementById('silent');
  if (silent) silent.hidden = canSound() || !wishes().sound || !all.some((one) => one.run.startedAtMs !== null);
  for (const listener of drawn) listener();
};
const setTitle = (text) => { if (document.title !== text) document.title = text; };
const drawn = new Set();
/** Called after each update of the frame: five times a second while something brews. */
export const onDraw = (listener) => drawn.add(listener);

document.getElementById('silent')?.addEventListener('click', unlock);

let ticking = false;
/** Starts the timer when the first brew is known; before that there is nothing to update. */
const keepTime = () => {
  if (ticking || brews.size === 0) return;
  ticking = true;
  const tick = () => {
    const next = look();
    draw();
    return next;
  };
  try {
    const ticker = new Worker('/js/ticker.js');
    ticker.onmessage = () => {
      const next = tick();
      if (next < 200) ticker.postMessage(next);
    };
  } catch {
    setInterval(tick, 200);
  }
};
onChange(() => {
  keepTime();
  draw();
});

let asked = performance.now();
const every = () => (conducting || document.getElementById('lanes') ? 2_000 : brews.size > 0 ? 5_000 : 10_000);
setInterval(() => {
  // Also without a response of the server: a network that hangs must not stop the clock.
  keepTime();
  if (performance.now() - asked < every() - 100) return;
  asked = performance.now();
  follow();
}, 1_000);
// Also where nothing brews yet: another device may start a brew, and this screen must call too.
follow();

offerNotifications(document.getElementById('offer-notify'), () => lanes().some(({ run }) => run.startedAtMs !== null));

// ---- without network, and with a newer version ----

const { version } = document.body.dataset;
const newer = document.getElementById('newer');
/** The page of a running brew is never replaced, and a new version is not offered on it. */
const midBrew = () => conducting && brews.get(Number(document.getElementById('brew').dataset.id))?.state !== 'Over';
onChange(() => { newer.hidden = !link.newer || midBrew(); });

// A stored page is read-only, since its forms would reach nobody.
if (document.getElementById('kept-copy')) for (const form of document.querySelectorAll('form[method="post"]')) for (const control of form.elements) control.disabled = true;

/** Other pages are stored when this one has been open for this long, ms. */
const SETTLED = 10_000;
// Nothing is stored of a demo, which will be gone tomorrow.
if (!document.body.dataset.home) navigator.serviceWorker?.register(`/sw.js?v=${version}`, { updateViaCache: 'none' }).then((registration) => {
  if (registration.waiting && !midBrew()) registration.waiting.postMessage({ say: 'take-over' });
  setTimeout(() => registration.active?.postMessage({ say: 'keep-all' }), SETTLED);
}).catch(() => {});
// The first page of a device was loaded before the worker; a page changed without loading is stored as it is now.
if (location.search === '') navigator.serviceWorker?.ready.then(({ active }) => active.postMessage({ say: 'seen', path: location.pathname }));
let changedHere = null;
document.addEventListener('page-changed', () => {
  clearTimeout(changedHere);
  changedHere = setTimeout(() => navigator.serviceWorker?.controller?.postMessage({ say: 'keep', path: location.pathname }), 3_000);
});
