// Where a brew stands, worked out from its plan and its presses: the same rules as BrewRun in the core, so that the
// screen goes on without the network. Keep the two alike; tests/browser/brew-run.test.mjs holds them together.

/** The presses that count: each undo takes the one before it back. */
export const standing = (presses) => {
  const kept = [];
  for (const press of presses) {
    if (press.kind === 'done') kept.push(press);
    else kept.pop();
  }
  return kept;
};

/**
 * @param plan {anchor, startsAtItsEnd, steps: [{at, length, byItself}]}
 * @param presses in order
 * @param nowS on the brew clock, s
 * @returns {{clockRuns: boolean, present: ?{index, start, length}, next: ?{index, start}, done: Array}}
 */
export const replay = (plan, presses, nowS) => {
  const { steps, anchor } = plan;
  const done = [];
  let index = 0;
  let clockRuns = false;
  let anchorBegun = false;
  let lastEnd = 0;

  const due = (at, after) => {
    const start = anchorBegun && at === anchor ? 0 : Math.max(steps[at].at ?? after, after);
    return { index: at, start, length: steps[at].length };
  };
  const end = (start, stop) => {
    done.push({ index, start, end: stop });
    index += 1;
    lastEnd = stop;
  };
  const until = (now) => {
    while (clockRuns && index < steps.length && steps[index].byItself) {
      const { start, length } = due(index, lastEnd);
      if (start + length > now) return;
      end(start, start + length);
    }
  };
  const begin = () => {
    while (index < anchor) {
      done.push({ index, start: null, end: null });
      index += 1;
    }
    clockRuns = true;
    if (plan.startsAtItsEnd) end(-steps[index].length, 0);
    else if (steps[index].length <= 0) end(0, 0);
    else anchorBegun = true;
  };

  for (const press of standing(presses)) {
    until(press.elapsed);
    if (index >= steps.length) continue;
    if (!clockRuns) begin();
    else end(Math.min(press.elapsed, due(index, lastEnd).start), Math.max(press.elapsed, lastEnd));
  }
  until(nowS);
  const present = index < steps.length ? (clockRuns ? due(index, lastEnd) : { index: anchor, start: 0, length: steps[anchor].length }) : null;
  const next = clockRuns && present && present.index + 1 < steps.length ? due(present.index + 1, present.start + present.length) : null;
  return { clockRuns, present, next, done };
};
