// Renews tests/cases/conduct-random.json on purpose: plans and entries thrown together by a fixed seed, walked by the screen's
// rules. The core's test then says whether it walks alike. Run: node tools/conduct-cases.mjs
import { readFileSync, writeFileSync } from 'node:fs';

const source = readFileSync(new URL('../src/Cistern.Web/wwwroot/js/brew-run.js', import.meta.url), 'utf8');
const { replay } = await import(`data:text/javascript,${encodeURIComponent(source)}`);
let seed = 20261126;
const random = () => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
  return seed / 2 ** 32;
};
const below = (n) => Math.floor(random() * n);
const pick = (...all) => all[below(all.length)];
const zero = 1_700_000_000_000;
const near = (value) => (typeof value === 'number' ? Math.round(value * 1000) / 1000 : value);
const rounded = (value) => JSON.parse(JSON.stringify(value), (_, one) => near(one));

const planOf = () => {
  const count = 4 + below(7);
  const anchor = below(3);
  const release = anchor + 1 + below(count - anchor - 1);
  let at = 0;
  return {
    anchor,
    startsAtItsEnd: random() < 0.2,
    steps: Array.from({ length: count }, (_, i) => {
      const ends = i === anchor ? 'hands' : i === release ? pick('hands', 'sight') : pick('hands', 'hands', 'hands', 'clock', 'sight');
      const step = { ends, length: ends === 'clock' ? 10 + below(60) : pick(0, 3, 8, 20), release: i === release };
      at += 10 + below(50);
      if (i > anchor && random() < 0.4) step.at = at;
      if (i > anchor && ends === 'hands' && random() < 0.2) [step.low, step.high] = [at - 10, at + 30];
      if (i > anchor && ends === 'clock' && random() < 0.3) [step.waitLow, step.waitHigh] = [5, step.length + 40];
      return step;
    }),
  };
};
const cases = Array.from({ length: 120 }, () => {
  const plan = planOf();
  const entries = random() < 0.3 ? [['ready', 0, -30]] : [];
  entries.push(['start', plan.anchor, 0]);
  let at = 0;
  while (random() < 0.85 && entries.length < 14) {
    at += below(40);
    entries.push(random() < 0.15 ? ['undo', 0, at, random() < 0.8 ? below(entries.length) : null] : [pick('done', 'done', 'done', 'begun', 'still', 'start'), below(plan.steps.length), at]);
  }
  if (random() < 0.3) entries.reverse();
  const asEntries = entries.map(([kind, step, when, undoes], i) => ({ id: `#${i}`, kind, step, atMs: zero + when * 1000, undoes: undoes == null ? null : `#${undoes}` }));
  const now = below(500);
  const run = replay(plan, asEntries, zero + now * 1000);
  const expect = { started: run.startedAtMs === null ? null : (run.startedAtMs - zero) / 1000, done: run.done.map((one) => [one.index, one.start, one.end, one.by]), present: run.present, last: run.last, unheard: run.unheard };
  return rounded({ plan, entries, now, expect });
});
writeFileSync(new URL('../tests/cases/conduct-random.json', import.meta.url), `[\n${cases.map((one) => JSON.stringify(one)).join(',\n')}\n]\n`);
