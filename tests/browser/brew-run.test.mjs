import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

// A module of the page; no package.json beside it says that it is one.
const source = readFileSync(new URL('../../src/Cistern.Web/wwwroot/js/brew-run.js', import.meta.url), 'utf8');
const { replay, cuesAhead } = await import(`data:text/javascript,${encodeURIComponent(source)}`);
const read = (name) => JSON.parse(readFileSync(new URL(`../cases/${name}`, import.meta.url), 'utf8'));

/** 0:00 of the cases, ms: no moment near 0, so that seconds and moments cannot be taken for one another. */
const zero = 1_700_000_000_000;
const entryOf = ([kind, step, at, undoes, seen], i) => ({ id: `#${i}`, kind, step, atMs: zero + at * 1000, undoes: undoes == null ? null : `#${undoes}`, seen: seen ?? false });
const shown = (run) => ({ started: run.startedAtMs === null ? null : (run.startedAtMs - zero) / 1000, done: run.done.map((one) => [one.index, one.start, one.end, one.by]), present: run.present, last: run.last, unheard: run.unheard });
const near = (value) => (typeof value === 'number' ? Math.round(value * 1000) / 1000 : value);
const rounded = (value) => JSON.parse(JSON.stringify(value), (_, one) => near(one));

const { plans, cases } = read('conduct.json');
test('the page\'s script and the core give the same result in every case', () => {
  expect(cases.length).toBeGreaterThan(35);
  for (const one of cases) {
    const run = rounded(shown(replay(plans[one.plan], one.entries.map(entryOf), zero + one.now * 1000)));
    expect(run.done, one.name).toEqual(one.done);
    if (one.present === null) expect(run.present, one.name).toBeNull();
    else {
      const [index, due, length, more] = one.present;
      expect(run.present, one.name).toMatchObject({ index, due, length, ...more });
    }
    if (one.last) expect(run.last, one.name).toEqual({ entry: one.last[0], step: one.last[1] });
    if ('started' in one) expect(run.started, one.name).toBe(one.started);
    if (one.unheard) expect(run.unheard, one.name).toEqual(one.unheard.map((i) => `#${i}`));
  }
});

const asData = (text) => `data:text/javascript,${encodeURIComponent(text)}`;
const module = (name) => readFileSync(new URL(`../../src/Cistern.Web/wwwroot/js/${name}.js`, import.meta.url), 'utf8');
const { stageOf, paceOf, turnOf } = await import(asData(module('stage').replace("'./clock.js'", JSON.stringify(asData(module('clock')))).replace("'./brew-run.js'", JSON.stringify(asData(module('brew-run'))))));

test('the page shows at every moment what the server shows', () => {
  let moments = 0;
  for (const { plan, moments: all } of read('stage.json')) {
    for (const { entries, at, says } of all) {
      const stage = stageOf(plan, replay(plan, entries.map(entryOf), zero + at * 1000), at);
      const { kind, step, word } = stage.action ?? {};
      expect([stage.verb, stage.target, stage.countdown, stage.mood, stage.about, stage.then, stage.action ? `${kind} ${step} ${word}` : '', stage.beforehand, stage.also.map((one) => `${one.step} ${one.word}`).join('; ')], `${at} s`).toEqual(says);
      moments += 1;
    }
  }
  expect(moments).toBeGreaterThan(35);
});

test('a pour shows the weight to reach at each moment, and a stir counts its turns', () => {
  const pour = { toG: 400, fromG: 100 };
  const at = (now) => paceOf(pour, { begun: null, due: 40, length: 20 }, now);
  expect([39, 40, 45, 60, 75].map(at)).toEqual([null, 100, 175, 400, 400]);
  expect(paceOf(pour, { begun: 50, due: 40, length: 20 }, 55)).toBe(175);
  expect(paceOf({ toG: null, fromG: null }, { begun: null, due: 0, length: 9 }, 5)).toBeNull();
  const turn = (now) => turnOf({ turns: 4 }, { begun: null, due: 10, length: 8 }, now);
  expect([9, 10, 11.9, 12, 17.9, 30].map(turn)).toEqual([null, 1, 1, 2, 4, 4]);
  expect(turnOf({ turns: null }, { begun: null, due: 10, length: 8 }, 12)).toBeNull();
});

test('calls are scheduled ahead for everything that follows if nobody presses', () => {
  const ahead = cuesAhead(plans.crust, [entryOf(['start', 1, 0], 0)], zero + 5_000, 600);
  expect(rounded(ahead)).toEqual([
    { at: 18, kind: 'end', index: 1 }, { at: 18, kind: 'due', index: 2 }, { at: 60, kind: 'due', index: 3 }, { at: 63, kind: 'end', index: 3 },
    { at: 93, kind: 'end', index: 4 }, { at: 93, kind: 'due', index: 5 }, { at: 153, kind: 'insist', index: 5 }]);
  expect(rounded(cuesAhead(plans.drain, [entryOf(['start', 0, 0], 0)], zero + 100_000, 600)).filter((cue) => cue.kind === 'insist')).toEqual([
    { at: 160, kind: 'insist', index: 2 }, { at: 180, kind: 'insist', index: 3 }]);
  expect(cuesAhead(plans.crust, [], zero, 600)).toEqual([]);
});
