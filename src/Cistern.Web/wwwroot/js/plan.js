// The plan page: whatever is typed, chosen, pressed or dragged is sent at once, in order, and the response is morphed into the page.
// It is an ordinary form; without this script the browser sends it.
import { clock } from './clock.js';
import { isTyping } from './frame.js';

const page = document.getElementById('plan-page');
const form = () => document.getElementById('plan');
const at = () => document.getElementById('at');
const says = () => document.getElementById('plan-says');

// ---- sending

// Each job is the form at the time of a change, so that presses faster than the responses all count.
const jobs = [];
let busy = false;

// When each field was last changed by hand, as a counter.
const changed = new WeakMap();
let changes = 0;
for (const kind of ['input', 'change']) {
  document.addEventListener(kind, (event) => { changes += 1; changed.set(event.target, changes); }, true);
}

const put = (job) => {
  if (jobs.at(-1)?.preview) jobs.pop();
  jobs.push({ ...job, changes });
  run();
};

const snapshot = (submitter, extra = {}) => {
  const body = new FormData(form());
  if (submitter?.name) body.set(submitter.name, submitter.value);
  for (const [name, value] of Object.entries(extra)) body.set(name, value);
  // Sent again because its answer was lost, it has the same key and counts once.
  body.set('job', crypto.randomUUID());
  return body;
};

const run = async () => {
  if (busy || jobs.length === 0) return;
  busy = true;
  const job = jobs.shift();
  try {
    const path = job.submitter?.getAttribute('formaction') ?? form().getAttribute('action');
    const answer = await fetch(path, { method: 'POST', body: job.body, headers: { 'HX-Request': 'true' } });
    says().textContent = '';
    if (answer.headers.has('HX-Redirect')) {
      location.href = answer.headers.get('HX-Redirect');
      return;
    }
    if (answer.ok) await take(answer, job);
    else says().textContent = refused(answer.status);
  } catch {
    jobs.unshift(job);
    says().textContent = 'The server cannot be reached. What you changed is sent again.';
    await new Promise((wait) => { setTimeout(wait, 1500); });
  }
  busy = false;
  run();
};

const refused = (status) => ({
  400: 'This page is out of date. Load it again; nothing that was saved is lost.',
  403: 'This device may not change plans any more. The owner can change that under Devices.',
}[status] ?? 'That could not be done. Load the page again.');

const take = async (answer, job) => {
  const html = await answer.text();
  const moved = answer.headers.get('HX-Replace-Url');
  if (moved) history.replaceState(history.state, '', moved);
  // A drag continues over responses to its own previews, but not over those to earlier changes.
  if (drag && !job.preview) return;
  window.Idiomorph.morph(page, html, {
    morphStyle: 'innerHTML',
    callbacks: {
      beforeNodeMorphed: (old) => !isDirty(old, job),
      // What was opened or folded stays so.
      beforeAttributeUpdated: (name, node) => !(name === 'open' && node.tagName === 'DETAILS'),
    },
  });
  // The dragged value is kept: the response to its own preview does not know it.
  if (drag?.seconds != null) document.getElementById('drag-says').textContent = clock(drag.seconds);
  window.htmx.process(page);
  document.dispatchEvent(new Event('page-changed'));
  show();
  lookTo(job);
};

/** Scrolls to what asked for an answer; a button that is gone or disabled passes the focus on. */
const lookTo = ({ submitter, asked }) => {
  const answer = document.getElementById('answer');
  const what = asked?.split(':')[0];
  if (answer && ['find', 'find-both', 'let-down', 'set'].includes(what)) {
    answer.tabIndex = -1;
    answer.focus();
    return;
  }
  if (!submitter || (document.activeElement !== document.body && document.activeElement?.matches(':enabled, a, [tabindex]'))) return;
  const next = {
    undo: ['redo', 'work-out'],
    redo: ['undo', 'work-out'],
    accept: ['work-out'],
    back: ['undo'],
  }[what] ?? [document.querySelector('.strip-row.is-open .strip-open')?.id, `step-${asked?.split(':')[1]}`, `step-${asked?.split(':')[1] - 1}`, 'work-out'];
  next.map((id) => id && document.getElementById(id)).find((node) => node && !node.disabled)?.focus();
};

/** A field changed since the form was sent keeps its text, which will be sent itself. */
const isDirty = (node, job) => node instanceof Element && node.matches('input:not([type=range]), select') && (changed.get(node) ?? 0) > job.changes;

document.addEventListener('submit', (event) => {
  if (event.target !== form()) return;
  event.preventDefault();
  // Enter has already caused a change event; sent twice it would be two changes to undo.
  if (event.submitter?.matches('.first-press')) return;
  put({ body: snapshot(event.submitter), submitter: event.submitter, asked: event.submitter?.value });
});

// Fields with a button of their own are not sent when they change.
const waits = (field) => field === at() || field.id === 'verb' || /^(put$|(put|keep|ask|both|let-down)\.)/.test(field.name);

document.addEventListener('change', (event) => {
  if (event.target.form === form() && !waits(event.target)) put({ body: snapshot(null) });
});

// ---- folded parts of the page, as this device left them

const FOLDED = 'cistern.folded';
// What is rarely set starts folded; on a phone all of them do, since they would take seven screens.
const SELDOM = ['part-map', 'part-find', 'part-rough'];
const atFirst = () => (matchMedia('(max-width: 760px)').matches ? [...document.querySelectorAll('details.part')].map((part) => part.id) : SELDOM);
const folded = new Set((() => {
  try {
    return JSON.parse(localStorage.getItem(FOLDED)) ?? atFirst();
  } catch {
    return atFirst();
  }
})());

for (const part of document.querySelectorAll('details.part')) part.open = !folded.has(part.id);

document.addEventListener('toggle', ({ target }) => {
  if (!target.matches('details.part')) return;
  if (target.open) folded.delete(target.id);
  else folded.add(target.id);
  try {
    localStorage.setItem(FOLDED, JSON.stringify([...folded]));
  } catch {
    // A device without storage has them open the next time.
  }
}, true);

// A link to a folded part opens it.
document.addEventListener('click', ({ target }) => {
  const part = target.closest?.('a[href^="#part-"]') && document.querySelector(target.closest('a').getAttribute('href'));
  if (part) part.open = true;
});

// ---- scrubbing

const scale = (svg) => {
  const { from, to, left, right } = svg.dataset;
  return { from: Number(from), to: Number(to), left: Number(left), right: Number(right) };
};

const secondsAt = ({ from, to, left, right }, box, width, clientX) =>
  from + ((((clientX - box.left) / box.width) * width - left) / (right - left)) * (to - from);

const show = () => {
  for (const svg of document.querySelectorAll('.plan-chart svg.chart:not(.strip)')) {
    const { from, to, left, right } = scale(svg);
    const x = left + ((Math.max(Number(at().value), from) - from) / (to - from)) * (right - left);
    const line = svg.querySelector('.chart-now');
    line.setAttribute('visibility', 'visible');
    line.setAttribute('x1', x);
    line.setAttribute('x2', x);
  }
};

const scrub = (event) => {
  const svg = event.target instanceof Element ? event.target.closest('.plan-chart svg.chart:not(.strip)') : null;
  if (!svg || (event.type === 'pointermove' && event.buttons === 0)) return;
  const axis = scale(svg);
  at().value = Math.min(axis.to, Math.max(axis.from, secondsAt(axis, svg.getBoundingClientRect(), svg.viewBox.baseVal.width, event.clientX)));
  at().dispatchEvent(new Event('input', { bubbles: true }));
};

document.addEventListener('input', (event) => { if (event.target === at()) show(); });

// ---- dragging the ends of a step

let drag = null;
let dropped = false;

const grip = (event) => {
  const handle = event.target instanceof Element ? event.target.closest('.bar-end') : null;
  if (!handle) return false;
  event.preventDefault();
  const svg = handle.closest('svg');
  // The axis at the start of the drag: it must not move under the finger while the plan grows.
  drag = { axis: scale(svg), box: svg.getBoundingClientRect(), width: svg.viewBox.baseVal.width, step: handle.dataset.step, end: handle.dataset.end, seconds: null };
  page.classList.add('dragging');
  return true;
};

const pull = (event) => {
  const seconds = Math.round(secondsAt(drag.axis, drag.box, drag.width, event.clientX));
  if (seconds === drag.seconds) return;
  drag.seconds = seconds;
  document.getElementById('drag-says').textContent = clock(seconds);
  put({ body: snapshot(null, { do: `${drag.end}:${drag.step}:${seconds}`, preview: '1' }), preview: true });
};

const drop = (keep) => {
  if (!drag) return;
  const { end, step, seconds } = drag;
  drag = null;
  dropped = true;
  setTimeout(() => { dropped = false; });
  page.classList.remove('dragging');
  document.getElementById('drag-says').textContent = '';
  // An undone drag, or one lost by the browser, leaves the plan as it was.
  if (seconds !== null) put({ body: keep ? snapshot(null, { do: `${end}:${step}:${seconds}` }) : snapshot(null, { do: '', preview: '1' }) });
};

document.addEventListener('pointerdown', (event) => { if (!grip(event)) scrub(event); });
document.addEventListener('pointermove', (event) => { if (drag) pull(event); else scrub(event); });
document.addEventListener('pointerup', () => drop(true));
document.addEventListener('pointercancel', () => drop(false));

// A row opens wherever it is pressed.
page.addEventListener('click', (event) => {
  const row = event.target.closest('.strip-row');
  if (row && !dropped && event.target.closest('svg.strip') && !event.target.closest('.bar-end')) row.querySelector('.strip-open').click();
});

// ---- keys

/** A number or a time, one step further; the server checks it. */
const stepped = (text, by) => {
  if (text.includes(':')) {
    const seconds = text.split(':').reduce((sum, part) => sum * 60 + Number(part), 0);
    return clock(Math.max(0, seconds + by));
  }
  const number = Number(text.replace(',', '.')) || 0;
  return String(Math.round((number + by) * 100) / 100);
};

/** The button that Enter presses in a field with a button of its own; null in other fields. */
const pressedBy = ({ name }) => document.getElementById({ put: 'put-it', keep: 'keep', ask: 'find', both: 'find-both', 'let-down': 'let-it-down' }[name.split('.')[0]]);

/** While something is being typed, undo is the browser's; otherwise it is the plan's. */
const isBeingTyped = (field) => isTyping(field) && !(field.matches('select') || field.value === field.defaultValue);

document.addEventListener('keydown', (event) => {
  const field = event.target;
  if (event.key === 'Escape' && drag) {
    drop(false);
  } else if ((event.ctrlKey || event.metaKey) && !isBeingTyped(field) && (event.key === 'z' || event.key === 'y')) {
    event.preventDefault();
    document.getElementById(event.key === 'y' || event.shiftKey ? 'redo' : 'undo').click();
  } else if (event.key === 'Enter' && field.matches?.('input') && pressedBy(field)) {
    // Enter would press the form's first button, which is not meant here.
    event.preventDefault();
    pressedBy(field).click();
  } else if ((event.key === 'ArrowUp' || event.key === 'ArrowDown') && (field.dataset?.more || field.dataset?.by)) {
    event.preventDefault();
    const up = event.key === 'ArrowUp';
    if (field.dataset.more) {
      const button = document.getElementById(up ? field.dataset.more : field.dataset.less);
      put({ body: snapshot(button, event.shiftKey ? { times: '10' } : {}), submitter: button });
    } else {
      field.value = stepped(field.value, (up ? 1 : -1) * Number(field.dataset.by) * (event.shiftKey ? 10 : 1));
      field.dispatchEvent(new Event('change', { bubbles: true }));
    }
  }
});

show();
