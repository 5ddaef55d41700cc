// Scrubbing: the line on the tide follows the moment, and a pointer on the tide sets it. The slider does it by keys.

const at = () => document.getElementById('at');
const tides = () => document.querySelectorAll('.plan-tide svg.tide');

const show = () => {
  for (const svg of tides()) {
    const { from, to, left, right } = svg.dataset;
    const x = Number(left) + ((Math.max(Number(at().value), Number(from)) - Number(from)) / (Number(to) - Number(from))) * (Number(right) - Number(left));
    const line = svg.querySelector('.tide-now');
    line.setAttribute('visibility', 'visible');
    line.setAttribute('x1', x);
    line.setAttribute('x2', x);
  }
};

const point = (event) => {
  const svg = event.target instanceof Element ? event.target.closest('.plan-tide svg.tide') : null;
  if (!svg || (event.type === 'pointermove' && event.buttons === 0)) return;
  const box = svg.getBoundingClientRect();
  const { from, to, left, right } = svg.dataset;
  const x = ((event.clientX - box.left) / box.width) * svg.viewBox.baseVal.width;
  const share = Math.min(1, Math.max(0, (x - Number(left)) / (Number(right) - Number(left))));
  at().value = Number(from) + share * (Number(to) - Number(from));
  at().dispatchEvent(new Event('input', { bubbles: true }));
};

document.addEventListener('input', (event) => { if (event.target.id === 'at') show(); });
document.addEventListener('pointerdown', point);
document.addEventListener('pointermove', point);
document.body.addEventListener('htmx:afterSwap', show);
show();
