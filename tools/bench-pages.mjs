// Measures what a barista waits for: the start to the first plan page, each page at the server, a change of a plan, and the server's
// memory. `./cistern bench pages`, or with a data file of your own in CISTERN_DATA. Times of pages are the server's own, from its log:
// medians, and the slowest of twenty.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const web = resolve(import.meta.dirname, '../artifacts/web');
const data = process.env.CISTERN_DATA ?? join(mkdtempSync(join(tmpdir(), 'cistern-bench-')), 'bench.db');
const pages = { '/': 'Bench', '/plan': 'choosing, no wish', '/plan?cups=2&minutes=5&bag=2': 'choosing, scaled to a wish', '/plan/fp-bloomed': 'a plan, looked at', '/log': 'log', '/log/7': 'one brew', '/shelf': 'shelf', '/taste/8': 'taste' };
const bounds = { '/': 4, '/plan': 10, '/plan?cups=2&minutes=5&bag=2': 10, '/plan/fp-bloomed': 8, change: 8 };

const freePort = () => new Promise((done) => {
  const probe = createServer().listen(0, '127.0.0.1', () => { const { port } = probe.address(); probe.close(() => done(port)); });
});
const median = (values, share = 0.5) => [...values].sort((a, b) => a - b)[Math.floor(values.length * share)];
const wait = (ms) => new Promise((done) => { setTimeout(done, ms); });

const start = async () => {
  const port = await freePort();
  const began = performance.now();
  const server = spawn('dotnet', ['Cistern.Web.dll', '--urls', `http://127.0.0.1:${port}`], {
    cwd: web, stdio: ['ignore', 'pipe', 'inherit'], env: { DOTNET_GCgen0size: '0x400000', ...process.env, ASPNETCORE_ENVIRONMENT: 'Production', Cistern__DataFile: data, Cistern__Demo: 'true' },
  });
  let log = '';
  server.stdout.on('data', (text) => { log += text; });
  const base = `http://127.0.0.1:${port}`;
  for (;;) {
    const answer = await fetch(`${base}/plan/fp-bloomed`).catch(() => null);
    if (answer?.ok) { await answer.arrayBuffer(); break; }
    await wait(5);
  }
  const stop = async () => { const gone = new Promise((done) => { server.once('exit', done); }); server.kill(); await gone; };
  return { base, server, startMs: performance.now() - began, log: () => log, stop };
};

/** The server's own times of requests to a path, ms, the newest last. */
const times = (log, method, path) => log.split('\n').filter((line) => line.includes(`"RequestMethod":"${method}"`) && line.includes(`"RequestPath":"${path}"`)).map((line) => Number(/"Elapsed":([\d.]+)/.exec(line)[1]));

// Once to make the file and fill the disk cache, then measured.
await (await start()).stop();
const starts = [];
for (let i = 0; i < 5; i += 1) {
  const one = await start();
  starts.push(one.startMs);
  await one.stop();
}
console.log(`start to the first plan page     ${median(starts).toFixed(0)} ms (slowest ${Math.max(...starts).toFixed(0)}; bound 1500)`);

const one = await start();
// No requests: memory used only by the start is released after half a minute.
const rests = () => wait(40_000);
await rests();
// Its private memory, and its program files, which the system shares between processes and can drop.
const memory = () => {
  const status = readFileSync(`/proc/${one.server.pid}/status`, 'utf8');
  const mb = (name) => Number(new RegExp(`${name}:\\s+(\\d+)`).exec(status)[1]) / 1024;
  return `${mb('VmRSS').toFixed(0)} MB, ${(mb('VmRSS') - mb('RssFile')).toFixed(0)} of them its own, the rest program files`;
};
console.log(`memory at rest                   ${memory()} (bound 300)`);

const get = async (path) => (await fetch(one.base + path)).text();
for (let i = 0; i < 60; i += 1) for (const path of Object.keys(pages)) await get(path);
for (const [path, name] of Object.entries(pages)) {
  for (let i = 0; i < 40; i += 1) await get(path);
  const own = times(one.log(), 'GET', path.split('?')[0]).slice(-40);
  console.log(`${name.padEnd(32)} ${median(own).toFixed(1)} ms (19 of 20 under ${median(own, 0.95).toFixed(1)}${bounds[path] ? `; bound ${bounds[path]}` : ''})`);
}

// A change: a different dose each time, so that no result is cached.
let html = await get('/plan/vd-coffee-first');
let cookie = '';
const page = await fetch(`${one.base}/plan/vd-coffee-first`);
cookie = page.headers.getSetCookie().map((text) => text.split(';')[0]).join('; ');
html = await page.text();
const token = /__RequestVerificationToken[^>]*value="([^"]+)"/.exec(html)[1];
let path = '/plan/vd-coffee-first';
for (let i = 0; i < 120; i += 1) {
  const body = new URLSearchParams({ __RequestVerificationToken: token, job: crypto.randomUUID(), 'was.dose': '0', dose: (18 + (i % 100) / 10).toFixed(1) });
  const answer = await fetch(one.base + path, { method: 'POST', body, headers: { cookie, 'HX-Request': 'true' } });
  path = answer.headers.get('hx-replace-url') ?? path;
  await answer.text();
}
const changes = times(one.log(), 'POST', path).slice(-60);
console.log(`${'a change, kept on the disk'.padEnd(32)} ${median(changes).toFixed(1)} ms (19 of 20 under ${median(changes, 0.95).toFixed(1)}; bound ${bounds.change})`);
console.log(`memory after all that            ${memory()}`);
await rests();
console.log(`memory at rest again             ${memory()} (bound 300)`);
await one.stop();
