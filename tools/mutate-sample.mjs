// Changes one line at a time, at places drawn by a seed, and tells which changes no test notices: an estimate of the score of
// a folder in minutes, where every change of it would take hours.
//   node tools/mutate-sample.mjs src/Cistern.Core/Brewing 30 [class pattern of the tests] [seed]
// It works on a copy of the tree, builds what the test project needs, and stops at the first test that fails.
import { execFileSync, spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const root = resolve(import.meta.dirname, '..');
const [where, count = '30', pattern = '*', start = '1'] = process.argv.slice(2);
const project = where.split('/')[1];
const tests = { 'Cistern.Core': 'Cistern.Core.Tests', 'Cistern.Drawing': 'Cistern.Core.Tests', 'Cistern.Data': 'Cistern.Web.Tests', 'Cistern.Web': 'Cistern.Web.Tests' }[project];
if (!tests) throw new Error(`no tests stand against ${where}`);

let seed = Number(start) * 7919;
const below = (n) => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
  return Math.floor((seed / 2 ** 32) * n);
};
/** What a line may be changed into: one little thing each. */
const changes = [
  [/(?<![=<>!-])<=/g, '<'], [/(?<![=<>])(?<=\s)<(?=\s)/g, '<='], [/(?<![=<>])(?<=\s)>(?=\s)/g, '>='], [/>=/g, '>'], [/(?<=\s)==(?=\s)/g, '!='], [/!=/g, '=='],
  [/&&/g, '||'], [/\|\|/g, '&&'], [/(?<=\s)\+(?=\s)/g, '-'], [/(?<=\s)-(?=\s)/g, '+'], [/(?<=\s)\*(?=\s)/g, '/'], [/(?<=\s)\/(?=\s)/g, '*'],
  [/Math\.Max\(/g, 'Math.Min('], [/Math\.Min\(/g, 'Math.Max('], [/\btrue\b/g, 'false'], [/\bfalse\b/g, 'true'], [/\?\?/g, '?? default ??'],
  [/(?<![\w.])(\d+\.\d+)(?!\w)/g, '($1 * 1.1)'], [/(?<![\w.])(\d{2,})(?![\w.])/g, '($1 + 1)'], [/\.Any\(/g, '.All('], [/\.First(?=[(O])/g, '.Last'], [/is null/g, 'is not null'], [/is not null/g, 'is null'],
];
const files = (folder) => (statSync(folder).isFile() ? [folder] : readdirSync(folder, { withFileTypes: true }).flatMap((one) => {
  const path = join(folder, one.name);
  if (one.isDirectory()) return ['obj', 'bin', 'Migrations', 'Demo'].includes(one.name) ? [] : files(path);
  return path.endsWith('.cs') ? [path] : [];
}));

const copy = mkdtempSync(join(tmpdir(), 'cistern-mutate-'));
for (const name of execFileSync('git', ['ls-files'], { cwd: root, encoding: 'utf8' }).trim().split('\n')) if (!name.startsWith('docs/screenshots')) cpSync(join(root, name), join(copy, name));
const places = files(join(copy, where)).flatMap((file) => readFileSync(file, 'utf8').split('\n').flatMap((line, at) => (/^\s*(\/\/|\[|using|namespace|public (static )?(sealed )?(record|class|enum)|throw)/.test(line) || /const /.test(line) && /"/.test(line) ? [] : changes.flatMap(([from, to]) => [...line.matchAll(from)].map((found) => ({ file, at, from: found.index, length: found[0].length, to: to.replace('$1', found[1] ?? '') }))))));
const run = (command, args) => spawnSync(command, args, { cwd: copy, encoding: 'utf8', timeout: 240_000, env: { ...process.env, DOTNET_CLI_TELEMETRY_OPTOUT: '1' } });
const build = () => run('dotnet', ['build', `tests/${tests}`, '-v', 'quiet', '--nologo', '-p:RunAnalyzers=false', '-p:TreatWarningsAsErrors=false', '-p:EnforceCodeStyleInBuild=false']).status === 0;
const test = () => run('dotnet', [`tests/${tests}/bin/Debug/net10.0/${tests}.dll`, '-class', pattern, '-stopOnFail']).status;
if (!build() || test() !== 0) throw new Error('unchanged, it does not build or its tests fail');

const tally = { noticed: 0, unnoticed: [], broken: 0 };
for (let i = 0; i < Number(count) && places.length > 0; i += 1) {
  const [place] = places.splice(below(places.length), 1);
  const before = readFileSync(place.file, 'utf8');
  const lines = before.split('\n');
  const line = lines[place.at];
  lines[place.at] = line.slice(0, place.from) + place.to + line.slice(place.from + place.length);
  writeFileSync(place.file, lines.join('\n'));
  if (!build()) {
    tally.broken += 1;
    i -= 1;
  } else if (test() !== 0) tally.noticed += 1;
  else tally.unnoticed.push(`${place.file.slice(copy.length + 1)}:${place.at + 1}: ${lines[place.at].trim()}`);
  writeFileSync(place.file, before);
}
console.log(`${where}: ${tally.noticed} of ${tally.noticed + tally.unnoticed.length} noticed (${tally.broken} did not build)`);
for (const one of tally.unnoticed) console.log(`  not noticed: ${one}`);
