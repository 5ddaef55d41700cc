// Starts the published application on a free port, with a data file of its own, and can kill it as a power cut would.
import { spawn } from 'node:child_process';
import { appendFileSync, copyFileSync, cpSync, mkdtempSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { test as base } from '@playwright/test';
import { ARGUMENTS, WHOLE } from './browser.mjs';

const web = resolve(import.meta.dirname, '../../artifacts/web');

// A Monday morning: no test depends on the hour it runs at, and a test that sets the clock forward does not reach the next day.
const BEGINS_AT = Date.UTC(2026, 10, 23, 8, 0, 0);

export const freePort = () => new Promise((done) => {
  const probe = createServer().listen(0, '127.0.0.1', () => {
    const { port } = probe.address();
    probe.close(() => done(port));
  });
});

/** Where a data file of its own can lie. */
export const newFile = () => join(mkdtempSync(join(tmpdir(), 'cistern-test-')), 'test.db');

export class Server {
  /** Without a data file of its own it begins on a copy of the bench that `setup.mjs` made; with one, it makes what is not there. */
  constructor(demo, data = null) {
    this.demo = demo;
    this.ahead = 0;
    this.data = data ?? newFile();
    if (demo && !data && process.env.CISTERN_TEST_BENCH) copyFileSync(process.env.CISTERN_TEST_BENCH, this.data);
    this.folder = web;
  }

  /** Another version from its next start on: the same program, told to serve something else. */
  async upgrade() {
    this.folder = mkdtempSync(join(tmpdir(), 'cistern-newer-'));
    cpSync(web, this.folder, { recursive: true });
    appendFileSync(join(this.folder, 'Cistern.Web.staticwebassets.endpoints.json'), '\n');
  }

  /** Starts the process and leaves it to itself. */
  async spawn() {
    this.port ??= await freePort();
    // Time must not run backwards for a server that is restarted.
    this.firstAt ??= Date.now();
    const beginsAt = new Date(BEGINS_AT + Date.now() - this.firstAt + 1000 * this.ahead).toISOString();
    this.url = `http://127.0.0.1:${this.port}`;
    this.process = this.launch(['Cistern.Web.dll', '--urls', this.url], {
      cwd: this.folder,
      stdio: 'ignore',
      // A server of the tests runs for a minute or two, with its precompiled code only. In normal use methods are compiled again while
      // it runs; here that would be half of its work (11 CPU s for 50 pages, 6 without).
      env: { ...process.env, DOTNET_TC_CallCounting: '0', ASPNETCORE_ENVIRONMENT: 'Production', Cistern__DataFile: this.data, Cistern__Demo: String(this.demo), Cistern__TestClock: 'true', Cistern__TestClockBeginsAt: beginsAt, Cistern__Learns: 'false', Cistern__DailyCopy: 'false', ...this.more },
    });
  }

  launch(args, options) { return spawn('dotnet', args, options); }

  /** Whether the server takes a request. */
  async answers(path, method = 'GET') {
    try {
      return (await fetch(this.url + path, { method })).ok;
    } catch {
      // Not running.
      return false;
    }
  }

  async start() {
    await this.spawn();
    for (let i = 0; i < 600; i += 1) {
      if (await this.answers('/healthz')) return;
      await new Promise((wait) => setTimeout(wait, 100));
    }
    throw new Error('the application did not start');
  }

  /** kill -9: no chance to save anything. */
  async kill() {
    const gone = new Promise((done) => this.process.once('exit', done));
    this.process.kill('SIGKILL');
    await gone;
  }

  /** Ended as a service manager does: what it wrote is in its file. */
  async stop() {
    const gone = new Promise((done) => this.process.once('exit', done));
    this.process.kill('SIGTERM');
    await gone;
  }

  /** Sets the server's clock forward; the page learns of it from the server. */
  async advance(seconds) {
    this.ahead += seconds;
    if (!await this.answers(`/test-clock?seconds=${seconds}`, 'POST')) throw new Error('the clock refused');
  }
}

export const test = base.extend({
  server: [async ({}, use) => {
    const server = new Server(true);
    await server.start();
    await use(server);
    await server.kill();
  }, { scope: 'worker' }],
  /** A context of the whole browser. */
  wholeContext: async ({ playwright }, use) => {
    const browser = await playwright.chromium.launch({ executablePath: WHOLE, args: ARGUMENTS });
    await use(await browser.newContext());
    await browser.close();
  },
});
export { expect } from '@playwright/test';
