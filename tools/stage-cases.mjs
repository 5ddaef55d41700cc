// Renews tests/cases/stage.json on purpose: plans as the server gives them to the page, and what the page shows of them at many
// moments by its own rules. The Web tests then check that the server shows the same. Run: ./cistern publish && node
// tools/stage-cases.mjs
import { readFileSync, writeFileSync } from 'node:fs';
import { open } from '../tests/browser/kill-entries.mjs';
import { Server } from '../tests/browser/server.mjs';

const module = (name) => readFileSync(new URL(`../src/Cistern.Web/wwwroot/js/${name}.js`, import.meta.url), 'utf8');
const data = (source) => `data:text/javascript,${encodeURIComponent(source)}`;
const { replay } = await import(data(module('brew-run')));
const { stageOf } = await import(data(module('stage').replace("'./clock.js'", JSON.stringify(data(module('clock')))).replace("'./brew-run.js'", JSON.stringify(data(module('brew-run'))))));

const server = new Server(true);
await server.start();
const zero = 1_700_000_000_000;
const says = (stage) => [stage.verb, stage.target, stage.countdown, stage.mood, stage.about, stage.then, stage.action ? `${stage.action.kind} ${stage.action.step} ${stage.action.word}` : '', stage.beforehand, stage.also.map(({ step, word }) => `${step} ${word}`).join('; ')];
const brews = {
  'fp-long-settle': [[[], [0, 75]], [[['ready', 0], ['ready', 1], ['ready', 2]], [0]], [[['start', 3, 0]], [0, 5, 17.9, 20, 28, 40, 100, 271, 280, 400, 500, 557.8, 560, 690, 700, 720, 4000]], [[['start', 3, 0], ['still', 3, 19]], [30]], [[['start', 3, 0], ['begun', 9, 600]], [600, 603, 610, 620, 700]]],
  'tp-upright-short': [[[['start', 3, 0]], [13, 30, 54.8, 56, 90]], [[['start', 3, 0], ['begun', 6, 57]], [57, 70, 83, 84, 140]], [[['start', 3, 0], ['begun', 6, 57], ['done', 6, 88]], [89, 200]]],
  'ld-long-soak-iced': [[[['start', 2, 0]], [120, 165, 180, 230, 405, 430]]],
};
const cases = [];
for (const [recipe, runs] of Object.entries(brews)) {
  const id = await open(server, recipe);
  const { plan } = (await (await fetch(`${server.url}/api/under-way`)).json()).brews.find((one) => one.id === id);
  const moments = runs.flatMap(([entries, times]) => times.map((at) => {
    const all = entries.map(([kind, step, when = -60], i) => ({ id: `#${i}`, kind, step, atMs: zero + when * 1000, undoes: null }));
    return { entries: entries.map(([kind, step, when = -60]) => [kind, step, when]), at, says: says(stageOf(plan, replay(plan, all, zero + at * 1000), at)) };
  }));
  cases.push({ recipe, plan, moments });
}
writeFileSync(new URL('../tests/cases/stage.json', import.meta.url), `[\n${cases.map(({ recipe, plan, moments }) => `{"recipe":"${recipe}","plan":${JSON.stringify(plan)},\n"moments":[\n${moments.map((one) => JSON.stringify(one)).join(',\n')}]}`).join(',\n')}\n]\n`);
await server.kill();
