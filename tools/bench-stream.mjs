// Fifty scales at once: brews streaming at five readings a second into one server, a piece a second each as a gateway sends them,
// beside the same server without them. `./cistern bench stream`. Times are the client's.
import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';

const BREWS = 50;
const SECONDS = Number(process.argv[2] ?? 60);
const web = resolve(import.meta.dirname, '../artifacts/web');
const data = join(mkdtempSync(join(tmpdir(), 'cistern-stream-')), 'bench.db');
const port = await new Promise((done) => { const probe = createServer().listen(0, '127.0.0.1', () => { const { port: free } = probe.address(); probe.close(() => done(free)); }); });
const base = `http://127.0.0.1:${port}`;
const server = spawn('dotnet', ['Cistern.Web.dll', '--urls', base], { cwd: web, stdio: 'ignore', env: { ...process.env, ASPNETCORE_ENVIRONMENT: 'Production', Cistern__DataFile: data, Cistern__Demo: 'true' } });
const wait = (ms) => new Promise((done) => { setTimeout(done, ms); });
for (;;) { if ((await fetch(`${base}/healthz`).catch(() => null))?.ok) break; await wait(50); }
const at = (values, share) => [...values].sort((a, b) => a - b)[Math.floor((values.length - 1) * share)] ?? 0;
const memory = () => Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${server.pid}/status`, 'utf8'))[1]) / 1024;
const kB = () => ['', '-wal'].reduce((sum, end) => { try { return sum + statSync(data + end).size / 1024; } catch { return sum; } }, 0);

/** A page with its form token and the cookie that goes with it. */
const page = async (path) => {
  const answer = await fetch(base + path);
  const html = await answer.text();
  return { token: /__RequestVerificationToken[^>]*value="([^"]+)"/.exec(html)[1], cookie: answer.headers.getSetCookie().map((text) => text.split(';')[0]).join('; ') };
};
const post = async (path, { token, cookie }, values) => fetch(base + path, { method: 'POST', redirect: 'manual', headers: { cookie }, body: new URLSearchParams({ __RequestVerificationToken: token, ...values }) });
const open = async () => {
  const answer = await post('/plan/fp-bloomed?handler=Brew', await page('/plan/fp-bloomed'), { job: crypto.randomUUID() });
  const id = Number(answer.headers.get('location').split('/').at(-1));
  await post(`/brew/${id}?handler=Gateway`, await page(`/brew/${id}`), {});
  const html = await (await fetch(`${base}/brew/${id}`)).text();
  return { id, token: /Bearer ([0-9a-f]{32})/.exec(html)[1] };
};
const looked = async (brews) => {
  const times = [];
  for (let i = 0; i < 60; i += 1) {
    const began = performance.now();
    await (await fetch(`${base}/brew/${brews[i % brews.length].id}?handler=Picture`)).arrayBuffer();
    times.push(performance.now() - began);
    await wait(100);
  }
  return times;
};

const brews = [];
for (let i = 0; i < BREWS; i += 1) brews.push(await open());
for (const { id } of brews) await fetch(`${base}/api/brews/${id}/entries`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify([{ id: crypto.randomUUID(), kind: 'start', step: 2, atMs: null, undoes: null }]) });
await looked(brews);
const alone = await looked(brews);
const [memoryAlone, sizeAlone] = [memory(), kB()];

// What a scale shows of the pour of 405 g, and then of the wait.
const grams = (s) => Math.min(55, Math.max(0, s - 1) * 9) + Math.min(350, Math.max(0, s - 40) * 22) + (Math.random() - 0.5) * 0.2;
const sent = [];
let refused = 0;
const began = Date.now();
const stream = async ({ id, token }, lane) => {
  await wait(lane * 20);
  for (let s = 1; s <= SECONDS; s += 1) {
    const due = began + lane * 20 + s * 1000;
    await wait(Math.max(0, due - Date.now()));
    const now = Date.now();
    const lines = Array.from({ length: 5 }, (_, i) => JSON.stringify({ of: 'scaleG', atMs: now - (4 - i) * 200, value: Number(grams(s + i / 5).toFixed(1)) })).join('\n');
    const from = performance.now();
    const answer = await fetch(`${base}/api/brews/${id}/readings`, { method: 'POST', headers: { Authorization: `Bearer ${token}` }, body: lines }).catch(() => null);
    sent.push(performance.now() - from);
    if (!answer?.ok && (refused += 1) === 1) console.error(answer?.status, await answer?.text());
  }
};
const streaming = Promise.all(brews.map(stream));
await wait(Math.min(10_000, SECONDS * 300));
const under = await looked(brews);
const memoryUnder = memory();
await streaming;
const perBrew = (kB() - sizeAlone) / BREWS;
console.log(`${BREWS} scales, 5 readings a second each, ${SECONDS} s: ${sent.length} pieces, ${refused} not taken`);
console.log(`a piece, kept on the disk        median ${at(sent, 0.5).toFixed(1)} ms, 19 of 20 under ${at(sent, 0.95).toFixed(1)}`);
console.log(`a brew's picture, without load   median ${at(alone, 0.5).toFixed(1)} ms, 19 of 20 under ${at(alone, 0.95).toFixed(1)}`);
console.log(`a brew's picture, beside them    median ${at(under, 0.5).toFixed(1)} ms, 19 of 20 under ${at(under, 0.95).toFixed(1)}`);
console.log(`memory                           ${memoryAlone.toFixed(0)} MB without, ${memoryUnder.toFixed(0)} MB beside them`);
console.log(`the file grew by                 ${perBrew.toFixed(1)} kB a brew (before its pieces are gathered)`);
server.kill();
process.exit(0);
