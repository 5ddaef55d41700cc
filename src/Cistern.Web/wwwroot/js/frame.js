// What every page has: the list of keys, letters that lead to the places, and the time in the gauge.
import { clock } from './clock.js';

const places = { b: '/', h: '/shelf', p: '/plan', r: '/brew', t: '/taste', l: '/log' };
const keys = document.getElementById('keys');

export const isTyping = (target) => target instanceof Element && target.closest('input, textarea, select') !== null;
export const isControl = (target) => target instanceof Element && target.closest('input, textarea, select, button, a, summary') !== null;

document.getElementById('show-keys')?.addEventListener('click', () => keys.showModal());

document.addEventListener('keydown', (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || keys.open || isTyping(event.target)) return;
  if (event.key === '?') {
    event.preventDefault();
    keys.showModal();
  } else if (places[event.key]) {
    location.href = places[event.key];
  }
});

// The gauge's water rises with the brew under way; the server's clock rules, the device only counts on from it.
const brew = document.querySelector('.gauge-brew');
let started = brew?.dataset.started ? Number(brew.dataset.started) : null;
let ahead = brew ? Number(brew.dataset.now) - Date.now() : 0;

const tick = () => {
  const elapsed = started === null ? 0 : (Date.now() + ahead - started) / 1000;
  const share = Math.min(1, Math.max(0, elapsed / Math.max(1, Number(brew.dataset.finish))));
  brew.querySelector('.gauge-time').textContent = started === null ? 'ready' : clock(elapsed);
  const level = document.getElementById('gauge-level');
  level.setAttribute('y', String(800 * (1 - share)));
  level.setAttribute('height', String(800 * share));
};

/** The brew screen knows first when its clock starts, and by how much the device's own is off. */
export const tellGauge = (startedAt, aheadBy) => {
  if (brew && (startedAt !== started || Math.abs(aheadBy - ahead) > 500)) {
    started = startedAt;
    ahead = aheadBy;
    tick();
  }
};

if (brew) {
  tick();
  setInterval(tick, 1000);
}
