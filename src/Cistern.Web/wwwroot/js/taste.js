// The pad: one tap sets both words. The two sliders beside it say the same and need no pointer.

const pad = document.getElementById('pad');
const dot = document.getElementById('pad-dot');
const sharp = document.getElementById('sharp-harsh');
const thin = document.getElementById('thin-heavy');

const placed = document.getElementById('placed');

/** A slider that was not touched says nothing: only what was placed is recorded. */
const place = () => {
  placed.value = '1';
  document.getElementById('not-placed').hidden = true;
  dot.classList.remove('unplaced');
  show();
};
const show = () => {
  dot.setAttribute('cx', thin.value);
  dot.setAttribute('cy', String(-Number(sharp.value)));
};

const set = (event) => {
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
for (const slider of [sharp, thin]) {
  slider.addEventListener('input', place);
  slider.addEventListener('click', place);
}
show();
