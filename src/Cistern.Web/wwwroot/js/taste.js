// The pad: one tap sets both words of the current sip. The sliders below do the same without a pointer.
import { clock } from './clock.js';
import { buzz, speak } from './cues.js';

const pad = document.getElementById('pad');
const dot = document.getElementById('pad-dot');
const sips = [...document.querySelectorAll('.sip')];

const atHand = () => {
  const chosen = document.querySelector('input[name="sip"]:checked')?.value;
  return sips.find((sip) => sip.dataset.sip === chosen) ?? sips[0];
};
const slidersOf = (sip) => [...sip.querySelectorAll('input[type="range"]')];

const show = () => {
  const [sharp, thin] = slidersOf(atHand());
  dot.setAttribute('cx', thin.value);
  dot.setAttribute('cy', String(-Number(sharp.value)));
  for (const slider of slidersOf(atHand())) {
    const { low, high } = slider.dataset;
    const value = Number(slider.value);
    slider.setAttribute('aria-valuetext', value === 0 ? `neither ${low} nor ${high}` : `${value < 0 ? low : high}, ${Math.abs(value)} of 5`);
  }
  dot.classList.toggle('unplaced', atHand().querySelector('[data-placed]').value === '');
};

/** A slider that was not touched is no answer: only what was set is recorded. */
const place = () => {
  atHand().querySelector('[data-placed]').value = '1';
  atHand().querySelector('[data-not-placed]').hidden = true;
  show();
};

const set = (event) => {
  const [sharp, thin] = slidersOf(atHand());
  const box = pad.getBoundingClientRect();
  const view = pad.viewBox.baseVal;
  const clamp = (value) => Math.max(-5, Math.min(5, Math.round(value)));
  thin.value = clamp(view.x + ((event.clientX - box.left) / box.width) * view.width);
  sharp.value = clamp(-(view.y + ((event.clientY - box.top) / box.height) * view.height));
  place();
};

pad.addEventListener('pointerdown', (event) => {
  pad.setPointerCapture(event.pointerId);
  set(event);
});
pad.addEventListener('pointermove', (event) => {
  if (event.buttons) set(event);
});
for (const slider of sips.flatMap(slidersOf)) {
  slider.addEventListener('input', place);
  slider.addEventListener('click', place);
}
for (const choice of document.querySelectorAll('input[name="sip"]')) choice.addEventListener('change', show);
show();

// Counts down until it has cooled enough to be tasted, and says so then.
const cooling = document.getElementById('cooling');
if (cooling) {
  const waitS = () => (Number(cooling.dataset.at) - Number(cooling.dataset.now) - performance.now()) / 1000;
  const what = document.getElementById('cooling-for');
  const tick = () => {
    if (waitS() > 0) {
      what.textContent = `At ${cooling.dataset.degrees} in about ${clock(waitS())}, by the forecast.`;
      return;
    }

    clearInterval(timer);
    what.textContent = '';
    cooling.setAttribute('role', 'status');
    cooling.firstElementChild.textContent = 'It has cooled: taste it now.';
    document.title = `Taste now · ${document.title}`;
    buzz('at');
    speak('It has cooled: taste it now.');
  };
  // Where it has cooled already, the page says so.
  const timer = waitS() > 0 ? setInterval(tick, 500) : 0;
  if (timer) tick();
}
