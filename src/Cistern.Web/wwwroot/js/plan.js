// Scrubbing and dragging on the tide, and the keys of the plan page. What is typed or pressed goes through htmx; what is
// dragged is sent from here, as a preview while it moves and for good when it is let go.
import { clock, isTyping } from './frame.js';

const page = document.getElementById('plan-page');
const form = () => document.getElementById('plan');
const at = () => document.getElementById('at');

// A field being typed in keeps its text when an answer comes meanwhile.
window.addEventListener('DOMContentLoaded', () => { window.Idiomorph.defaults.ignoreActiveValue = true; });

const scale = (svg) => {
  const { from, to, left, right } = svg.dataset;
  return { from: Number(from), to: Number(to), left: Number(left), right: Number(right) };
};

const secondsAt = (svg, clientX) => {
  const box = svg.getBoundingClientRect();
  const { from, to, left, right } = scale(svg);
  const x = ((clientX - box.left) / box.width) * svg.viewBox.baseVal.width;
  return from + ((x - left) / (right - left)) * (to - from);
};

const show = () => {
  for (const svg of document.querySelectorAll('.plan-tide svg.tide:not(.strip)')) {
    const { from, to, left, right } = scale(svg);
    const x = left + ((Math.max(Number(at().value), from) - from) / (to - from)) * (right - left);
    const line = svg.querySelector('.tide-now');
    line.setAttribute('visibility', 'visible');
    line.setAttribute('x1', x);
    line.setAttribute('x2', x);
  }
};

const scrub = (event) => {
  const svg = event.target instanceof Element ? event.target.closest('.plan-tide svg.tide:not(.strip)') : null;
  if (!svg || (event.type === 'pointermove' && event.buttons === 0)) return;
  const { from, to } = scale(svg);
  at().value = Math.min(to, Math.max(from, secondsAt(svg, event.clientX)));
  at().dispatchEvent(new Event('input', { bubbles: true }));
};

// ---- dragging the ends of a step

let drag = null;
let sending = false;

const send = async (extra) => {
  const body = new FormData(form());
  for (const [name, value] of Object.entries(extra)) body.set(name, value);
  const answer = await fetch(form().action, { method: 'POST', body, headers: { 'HX-Request': 'true' } });
  if (!answer.ok) return;
  const moved = answer.headers.get('HX-Replace-Url');
  if (moved) history.replaceState(history.state, '', moved);
  window.htmx.swap(page, await answer.text(), { swapStyle: 'morph:innerHTML' }, { contextElement: page });
};

const preview = async () => {
  if (sending || !drag || drag.sent === drag.seconds) return;
  sending = true;
  drag.sent = drag.seconds;
  const of = drag;
  await send({ do: `${of.end}:${of.step}:${of.seconds}`, preview: '1' }).catch(() => {});
  sending = false;
  if (drag) preview();
};

const take = (event) => {
  const handle = event.target instanceof Element ? event.target.closest('.bar-end') : null;
  if (!handle) return false;
  event.preventDefault();
  const svg = handle.closest('svg');
  drag = { svg, scale: scale(svg), box: svg.getBoundingClientRect(), width: svg.viewBox.baseVal.width, step: handle.dataset.step, end: handle.dataset.end, seconds: null, sent: null };
  page.classList.add('dragging');
  return true;
};

const pull = (event) => {
  if (!drag) return;
  // The axis of the moment it was taken: it must not slide under the finger while the plan grows.
  const { from, to, left, right } = drag.scale;
  const x = ((event.clientX - drag.box.left) / drag.box.width) * drag.width;
  drag.seconds = Math.round(from + ((x - left) / (right - left)) * (to - from));
  document.getElementById('drag-says').textContent = clock(drag.seconds);
  preview();
};

const drop = async (event) => {
  if (!drag) return;
  const done = drag;
  drag = null;
  page.classList.remove('dragging');
  document.getElementById('drag-says').textContent = '';
  while (sending) await new Promise((wait) => { setTimeout(wait, 20); });
  if (done.seconds === null) return;
  // Taken back with Escape or lost by the browser: the plan as it is kept comes back.
  await send(event.type === 'pointerup' ? { do: `${done.end}:${done.step}:${done.seconds}` } : { do: '', preview: '1' });
};

document.addEventListener('input', (event) => { if (event.target.id === 'at') show(); });
document.addEventListener('pointerdown', (event) => { if (!take(event)) scrub(event); });
document.addEventListener('pointermove', (event) => { if (drag) pull(event); else scrub(event); });
document.addEventListener('pointerup', drop);
document.addEventListener('pointercancel', drop);

// A row opens wherever it is pressed, not only at its time.
page.addEventListener('click', (event) => {
  const row = event.target.closest('.strip-row');
  if (row && event.target.closest('svg.strip') && !event.target.closest('.bar-end')) row.querySelector('.strip-open').click();
});

// ---- keys

document.addEventListener('keydown', (event) => {
  const field = event.target;
  if (drag && event.key === 'Escape') {
    drop(event);
    return;
  }

  if ((event.ctrlKey || event.metaKey) && !isTyping(field) && (event.key === 'z' || event.key === 'y')) {
    event.preventDefault();
    document.getElementById(event.key === 'y' || event.shiftKey ? 'redo' : 'undo')?.click();
    return;
  }

  if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
  const up = event.key === 'ArrowUp';
  if (field.dataset?.more) {
    event.preventDefault();
    document.getElementById(up ? field.dataset.more : field.dataset.less).click();
  } else if (field.dataset?.by) {
    event.preventDefault();
    field.value = stepped(field.value, (up ? 1 : -1) * Number(field.dataset.by) * (event.shiftKey ? 10 : 1));
    field.dispatchEvent(new Event('change', { bubbles: true }));
  }
});

/** A number or a time, one step on; the server says whether it will do. */
const stepped = (text, by) => {
  if (text.includes(':')) {
    const [minutes, seconds] = text.split(':').map(Number);
    return clock(Math.max(0, minutes * 60 + seconds + by));
  }
  const number = Number(text.replace(',', '.')) || 0;
  return String(Math.round((number + by) * 100) / 100);
};

document.body.addEventListener('htmx:afterSettle', show);
page.addEventListener('htmx:beforeSwap', (event) => { if (drag) event.detail.shouldSwap = false; });
show();
