// Several brews at once: one lane each, the one due first at the top, with its next press.
import { ONE_PRESS_MS, say } from './bench.js';
import { clock } from './clock.js';
import { inOrder, lanes, onDraw, setText } from './frame.js';

const list = document.getElementById('lanes');
let lastPress = -Infinity;

const draw = () => {
  const all = lanes();
  const laneOf = (brew) => list.querySelector(`[data-id="${brew.id}"]`);
  for (const { brew, run, now, startsIn, stage, insists } of all) {
    const lane = laneOf(brew);
    if (!lane) continue;
    lane.classList.toggle('insists', insists);
    setText(lane.querySelector('.lane-do'), `${stage.verb} ${stage.target}`.trim());
    setText(lane.querySelector('.lane-time'), startsIn === null ? stage.countdown : clock(Math.abs(Math.ceil(startsIn))));
    setText(lane.querySelector('.lane-clock'), startsIn !== null ? startsIn > 0 ? 'starts in' : 'start now, late by' : run.startedAtMs === null ? 'not started' : `clock ${clock(Math.floor(now))}`);
    const press = lane.querySelector('.lane-press');
    press.hidden = !stage.action;
    setText(press, stage.action?.word ?? '');
    press.setAttribute('aria-label', `${stage.action?.word ?? ''}: ${brew.name}`);
    press.onclick = () => {
      if (performance.now() - lastPress < ONE_PRESS_MS || !stage.action) return;
      lastPress = performance.now();
      say(brew.id, stage.action.kind, stage.action.step);
    };
  }
  inOrder(list, all.map(({ brew }) => laneOf(brew)).filter(Boolean));
  for (const lane of [...list.children]) {
    if (!all.some(({ brew }) => String(brew.id) === lane.dataset.id) && lane.dataset.seen) {
      setText(lane.querySelector('.lane-do'), 'Over: taste it when it is cool enough');
      setText(lane.querySelector('.lane-time'), '');
      lane.querySelector('.lane-press').hidden = true;
    } else lane.dataset.seen = '1';
  }
};
if (list) onDraw(draw);
