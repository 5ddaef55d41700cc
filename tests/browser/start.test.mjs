// The published application as the operating system sees it: started twice, killed during its start, with a full disk, and with
// requests that no browser sends.
import { spawn, spawnSync } from 'node:child_process';
import { copyFileSync, existsSync, mkdtempSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { connect } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, newFile, Server, test } from './server.mjs';

/** Runs a server that is expected to refuse, and gives what it says. */
const refusal = (data, demo = false, more = {}) => new Promise((done) => {
  const one = spawn('dotnet', ['Cistern.Web.dll', '--urls', 'http://127.0.0.1:0'], {
    cwd: new Server(false).folder,
    env: { ...process.env, ASPNETCORE_ENVIRONMENT: 'Production', Cistern__DataFile: data, Cistern__Demo: String(demo), ...more },
  });
  let said = '';
  for (const stream of [one.stdout, one.stderr]) stream.on('data', (text) => { said += text; });
  const late = setTimeout(() => one.kill('SIGKILL'), 30_000);
  one.on('exit', (code) => { clearTimeout(late); done({ code, said: said.trim() }); });
});

test('a second server on the same data file refuses in one sentence, and the first goes on', async ({ server }) => {
  const { code, said } = await refusal(server.data);
  expect(code).toBe(1);
  expect(said.split('\n')).toHaveLength(1);
  expect(said).toMatch(/^cistern: Another Cistern is using .*: stop it first/);
  expect((await fetch(`${server.url}/healthz`)).ok).toBe(true);
});

test('killed at any moment of its start, it starts again', async () => {
  test.setTimeout(240_000);
  const server = new Server(false, newFile());
  for (const delay of [400, 1200]) {
    const start = server.spawn();
    await new Promise((wait) => setTimeout(wait, delay));
    await server.kill();
    await start.catch(() => {});
  }
  await server.start();
  expect(await (await fetch(`${server.url}/healthz`)).text()).toBe('Healthy');
  await server.kill();
});

test('a running server stops for a copy that waits to be restored, with exit code 0', async () => {
  const server = new Server(true);
  await server.start();
  const ended = new Promise((done) => server.process.once('exit', done));
  copyFileSync(process.env.CISTERN_TEST_BENCH, `${server.data}.coming`);
  renameSync(`${server.data}.coming`, `${server.data}.restore`);
  expect(await ended).toBe(0);
});

test('a full disk is reported in one sentence, and so is one that fills up while the application runs', async () => {
  test.setTimeout(240_000);
  const folder = mkdtempSync(join(tmpdir(), 'cistern-full-'));
  test.skip(spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=1200k', 'tmpfs', folder]).status !== 0, 'no disk of a size of its own can be had here');
  try {
    writeFileSync(join(folder, 'ballast'), Buffer.alloc(1_150_000));
    const { code, said } = await refusal(join(folder, 'test.db'));
    expect(code).toBe(1);
    expect(said).toMatch(/^cistern: The data file .* cannot be used: the disk is full\.$/);

    rmSync(join(folder, 'ballast'));
    const server = new Server(false, join(folder, 'test.db'));
    await server.start();
    // However much room is left.
    spawnSync('sh', ['-c', `cat /dev/zero > ${join(folder, 'ballast')}`]);
    const answer = await fetch(`${server.url}/healthz`);
    expect(answer.status).toBe(503);
    expect(await answer.text()).toMatch(/^Unhealthy\nThe data file cannot be written/);
    expect((await fetch(`${server.url}/log`)).status).toBe(200);
    rmSync(join(folder, 'ballast'));
    expect(await (await fetch(`${server.url}/healthz`)).text()).toBe('Healthy');
    await server.kill();
  } finally {
    spawnSync('umount', ['-l', folder]);
  }
});

test('--fresh does not touch files that the demo did not make', async () => {
  const data = new Server(false).data;
  writeFileSync(data, 'a letter of somebody');
  const { code, said } = await refusal(data, true, { Cistern__Fresh: 'true' });
  expect(code).toBe(1);
  expect(said).toContain('was not made by the demo');
  expect(existsSync(data)).toBe(true);
});

/** Sends bytes as they are, and gives the first line of the answer and all of it. */
const raw = (server, parts, waitMs = 0) => new Promise((done, fail) => {
  const socket = connect(server.port, '127.0.0.1');
  let said = '';
  socket.on('data', (text) => { said += text; });
  socket.on('close', () => done(said));
  socket.on('error', fail);
  socket.setTimeout(20_000, () => socket.destroy());
  (async () => {
    for (const part of parts) {
      socket.write(part);
      await new Promise((wait) => setTimeout(wait, waitMs));
    }
  })();
});

test('requests that no browser sends are answered or closed, never with a 500', async ({ server }) => {
  test.setTimeout(180_000);
  const host = `Host: 127.0.0.1:${server.port}\r\n`;
  const form = 'Content-Type: application/x-www-form-urlencoded\r\n';
  const answers = await Promise.all([
    raw(server, [`GET /plan/%00 HTTP/1.1\r\n${host}Connection: close\r\n\r\n`]),
    raw(server, [`TRACE / HTTP/1.1\r\n${host}Connection: close\r\n\r\n`]),
    raw(server, [`GET /${'x'.repeat(9000)} HTTP/1.1\r\n${host}Connection: close\r\n\r\n`]),
    raw(server, [`POST /you HTTP/1.1\r\n${host}${form}Content-Length: 5000000\r\nConnection: close\r\n\r\n`, 'a=b']),
    raw(server, [`POST /you HTTP/1.1\r\n${host}${form}Transfer-Encoding: chunked\r\nConnection: close\r\n\r\n`, 'zz\r\nnot a chunk\r\n']),
    // Ten bytes a second of a form announced as a kilobyte.
    raw(server, [`POST /you HTTP/1.1\r\n${host}${form}Content-Length: 1000\r\nConnection: close\r\n\r\n`, ...Array(12).fill('a=bcdefghi')], 1000),
  ]);
  const statuses = answers.map((said) => Number(said.split(' ')[1]));
  expect(statuses).toEqual([400, 405, 414, 413, 400, 408]);
  for (const said of [answers[1], answers[3], answers[4], answers[5]]) expect(said).toContain('Back to the Bench');
  expect(await (await fetch(`${server.url}/healthz`)).text()).toBe('Healthy');
});

test('changes of a plan that are sent until answered, while the server is killed repeatedly, each count once', async () => {
  test.setTimeout(360_000);
  const server = new Server(true);
  await server.start();
  const first = await fetch(`${server.url}/plan/fp-bloomed`);
  const cookie = first.headers.getSetCookie().map((text) => text.split(';')[0]).join('; ');
  const token = /__RequestVerificationToken[^>]*value="([^"]+)"/.exec(await first.text())[1];
  let path = '/plan/fp-bloomed';
  let answered = 0;
  let stop = false;
  const killer = (async () => {
    for (let i = 0; i < 2; i += 1) {
      await new Promise((wait) => setTimeout(wait, 300 + 150 * i));
      await server.kill();
      await server.start();
    }
    stop = true;
  })();
  while (!stop || answered < 15) {
    const job = crypto.randomUUID();
    for (;;) {
      const body = new URLSearchParams({ __RequestVerificationToken: token, job, do: 'dose+' });
      const answer = await fetch(server.url + path, { method: 'POST', body, headers: { cookie, 'HX-Request': 'true' } }).then(async (one) => ({ ok: one.ok, at: one.headers.get('hx-replace-url'), html: await one.text() })).catch(() => null);
      if (answer?.ok) {
        path = answer.at ?? path;
        break;
      }
      await new Promise((wait) => setTimeout(wait, 50));
    }
    answered += 1;
  }
  await killer;
  const html = await (await fetch(server.url + path)).text();
  expect(Number(/id="dose"[^>]*value="([\d.]+)"/.exec(html)?.[1] ?? /value="([\d.]+)"[^>]*id="dose"/.exec(html)[1])).toBe(27 + answered);
  await server.kill();
});
