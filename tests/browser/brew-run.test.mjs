import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

// A module of the page, which has no package.json beside it to say that it is one.
const source = readFileSync(new URL('../../src/Cistern.Web/wwwroot/js/brew-run.js', import.meta.url), 'utf8');
const { replay } = await import(`data:text/javascript,${encodeURIComponent(source)}`);

// The same cases as BrewRunTests.cs: the screen and the core must agree on where a brew stands.
const plan = {
  anchor: 1,
  startsAtItsEnd: false,
  steps: [
    { at: null, length: 0, byItself: false },
    { at: 0, length: 18, byItself: false },
    { at: null, length: 0, byItself: false },
    { at: 60, length: 3, byItself: false },
    { at: null, length: 30, byItself: true },
    { at: null, length: 20, byItself: false },
  ],
};
const done = (step, elapsed) => ({ kind: 'done', step, elapsed });
const undo = (step) => ({ kind: 'undo', step, elapsed: 0 });

test('before the clock the step that starts it is at hand', () => {
  const run = replay(plan, [], 0);
  expect(run.clockRuns).toBe(false);
  expect(run.present.index).toBe(1);
});

test('a wait ends at its time, a hand is waited for', () => {
  const presses = [done(1, 0), done(1, 20), done(2, 22), done(3, 64)];
  expect(replay(plan, presses, 80).present).toEqual({ index: 4, start: 64, length: 30 });
  expect(replay(plan, presses, 95).present).toEqual({ index: 5, start: 94, length: 20 });
  expect(replay(plan, presses, 500).present).toEqual({ index: 5, start: 94, length: 20 });
});

test('a step with a time of its own is not due before it, and later when the one before was late', () => {
  expect(replay(plan, [done(1, 0), done(1, 20), done(2, 22)], 30).present.start).toBe(60);
  expect(replay(plan, [done(1, 0), done(1, 20), done(2, 70)], 71).present.start).toBe(70);
});

test('undo takes the last press back, as often as it is pressed', () => {
  expect(replay(plan, [done(1, 0), done(1, 20), undo(1)], 30).present.index).toBe(1);
  expect(replay(plan, [done(1, 0), undo(1)], 30).clockRuns).toBe(false);
  expect(replay(plan, [undo(1)], 30).clockRuns).toBe(false);
});
