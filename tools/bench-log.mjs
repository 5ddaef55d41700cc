// Compares a long log with a short one: every page of the log, searches, filters with their counts, trends, Bench and Plan with 100
// and with 100,000 brews, the server's memory, and an export. `./cistern bench log`. Times are the server's own, from its log; the
// ratios count, since machines are noisy.
import { spawn, execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const artifacts = resolve(import.meta.dirname, '../artifacts');
const folder = mkdtempSync(join(tmpdir(), 'cistern-bench-log-'));
const few = 100;
const many = Number(process.env.BREWS ?? 100_000);
const bound = 50;
const pages = {
  '/css/cistern.css': 'a static file', '/': 'Bench', '/plan/fp-bloomed': 'a plan', '/log': 'log, all of it', '/log?q=plum': 'log, a word', '/log?q=plum+al': 'log, two words',
  '/log?coffee=Blue%20Ferry': 'log, one filter', '/log?family=valve-dripper&leans=harsh&state=tasted': 'log, three filters', '/log?score=8-9&q=cocoa': 'log, filter and word', '/log?from=2025-05-01&to=2025-06-30': 'log, two months',
  '/trends': 'trends, strength over time', '/trends?of=drawdown&over=grind&family=valve-dripper': 'trends, drain over grind', '/trends?of=score&over=rest': 'trends, score over rest', '/compare?b=50&b=60&b=70': 'three together', '/log/60': 'one brew', '/taste': 'to be tasted', '/learned': 'learned', '/files': 'in and out',
};

const wait = (ms) => new Promise((done) => { setTimeout(done, ms); });
const freePort = () => new Promise((done) => {
  const probe = createServer().listen(0, '127.0.0.1', () => { const { port } = probe.address(); probe.close(() => done(port)); });
});
const share = (values, of) => [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * of))];

const measure = async (count) => {
  const data = join(folder, `${count}.db`);
  const seeding = performance.now();
  execFileSync('dotnet', [join(artifacts, 'cli/cistern-cli.dll'), 'seed', String(count), '--data', data], { stdio: ['ignore', 'ignore', 'ignore'] });
  console.log(`${count} brews seeded in ${((performance.now() - seeding) / 1000).toFixed(0)} s, ${(statSync(data).size / 1048576).toFixed(0)} MB`);
  const port = await freePort();
  const began = performance.now();
  const server = spawn('dotnet', ['Cistern.Web.dll', '--urls', `http://127.0.0.1:${port}`], {
    cwd: join(artifacts, 'web'), stdio: ['ignore', 'pipe', 'inherit'], env: { ...process.env, ASPNETCORE_ENVIRONMENT: 'Production', Cistern__DataFile: data, Cistern__DailyCopy: 'false' },
  });
  let log = '';
  server.stdout.on('data', (text) => { log += text; });
  const base = `http://127.0.0.1:${port}`;
  while (!(await fetch(`${base}/plan/fp-bloomed`).then((answer) => answer.ok, () => false))) await wait(5);
  const startMs = performance.now() - began;
  const first = performance.now();
  await (await fetch(`${base}/log`)).text();
  const firstMs = performance.now() - first;
  const own = {};
  for (let i = 0; i < 12; i += 1) for (const path of Object.keys(pages)) await (await fetch(base + path)).arrayBuffer();
  for (const path of Object.keys(pages)) {
    log = '';
    for (let i = 0; i < 40; i += 1) await (await fetch(base + path)).arrayBuffer();
    await wait(20);
    own[path] = log.split('\n').filter((line) => line.includes('"RequestMethod":"GET"')).map((line) => Number(/"Elapsed":([\d.]+)/.exec(line)?.[1])).filter(Number.isFinite).slice(-40);
  }
  const memory = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))[1]) / 1024;
  const before = memory();
  const exporting = performance.now();
  let bytes = 0;
  let most = 0;
  for await (const piece of (await fetch(`${base}/out/brews.csv${count > 20_000 ? '?coffee=Tidewrack&state=tasted&family=jar' : ''}`)).body) { bytes += piece.length; most = Math.max(most, memory()); }
  const exportS = (performance.now() - exporting) / 1000;
  const gone = new Promise((done) => { server.once('exit', done); });
  server.kill();
  await gone;
  return { own, startMs, firstMs, memoryMb: Math.max(before, most), exportS, exportMb: bytes / 1048576 };
};

const short = await measure(few);
const long = await measure(many);
console.log(`${'at the server, median (19 of 20)'.padEnd(34)} ${String(few).padStart(14)} ${String(many).padStart(16)}   ratio`);
for (const [path, name] of Object.entries(pages)) {
  const [a, b] = [short.own[path], long.own[path]];
  const worst = share(b, 0.95);
  console.log(`${name.padEnd(34)} ${`${share(a, 0.5).toFixed(1)} (${share(a, 0.95).toFixed(1)})`.padStart(14)} ${`${share(b, 0.5).toFixed(1)} (${worst.toFixed(1)})`.padStart(16)} ${(share(b, 0.5) / share(a, 0.5)).toFixed(1).padStart(7)} ${worst > bound ? `over ${bound} ms` : ''}`);
}
console.log(`start to the first plan page       ${short.startMs.toFixed(0).padStart(11)} ms ${long.startMs.toFixed(0).padStart(13)} ms`);
console.log(`first look at the log              ${short.firstMs.toFixed(0).padStart(11)} ms ${long.firstMs.toFixed(0).padStart(13)} ms`);
console.log(`memory, at most                    ${short.memoryMb.toFixed(0).padStart(11)} MB ${long.memoryMb.toFixed(0).padStart(13)} MB (bound 400)`);
console.log(`a table of some brews              ${short.exportMb.toFixed(1).padStart(11)} MB in ${short.exportS.toFixed(1)} s, ${long.exportMb.toFixed(1)} MB in ${long.exportS.toFixed(1)} s`);
