// How far calls are from their times, in a page in front and in one in the background. Not a test, since machines are noisy: `node
// tests/browser/cue-times.mjs [minutes]` reports it. What is seen is noticed by the page's worker, five times a second; sounds are
// scheduled ahead on the audio clock, and compared with the steady clock when they are due. The browser is controlled by its own
// protocol: Playwright keeps every tab awake and visible.
import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import WebSocket from 'ws';
import { request } from '@playwright/test';
import { open } from './conducting.mjs';
import { Server } from './server.mjs';

const sleep = (ms) => new Promise((wait) => setTimeout(wait, ms));

/** A browser with nothing switched off. */
const launch = async () => {
  const browser = spawn('chromium', ['--headless=new', '--no-sandbox', '--mute-audio', '--remote-debugging-port=0', `--user-data-dir=${mkdtempSync(join(tmpdir(), 'cistern-cues-'))}`, '--autoplay-policy=no-user-gesture-required', 'about:blank'], { stdio: ['ignore', 'ignore', 'pipe'] });
  const port = await new Promise((found) => browser.stderr.on('data', (text) => {
    const [, number] = /ws:\/\/127\.0\.0\.1:(\d+)/.exec(text) ?? [];
    if (number) found(number);
  }));
  return { browser, tab: async (url) => (await fetch(`http://127.0.0.1:${port}/json/new?${url}`, { method: 'PUT' })).json() };
};

/** Asks a tab to work something out, by a connection of its own that is closed again: one that stays open may keep it awake. */
const ask = (tab, expression) => new Promise((done, failed) => {
  const socket = new WebSocket(tab.webSocketDebuggerUrl);
  socket.on('open', () => socket.send(JSON.stringify({ id: 1, method: 'Runtime.evaluate', params: { expression, returnByValue: true, userGesture: true } })));
  socket.on('message', (text) => {
    const { id, result } = JSON.parse(text);
    if (id !== 1) return;
    socket.close();
    if (result.exceptionDetails) failed(new Error(result.exceptionDetails.exception.description));
    else done(result.result.value);
  });
  socket.on('error', failed);
});

export const measure = async (server, hidden, minutes) => {
  const { browser, tab } = await launch();
  // A call that nobody answers repeats every two seconds for as long as it is due.
  const id = await open(await request.newContext(), server, 'ld-closed');
  const page = await tab(`${server.url}/brew/${id}`);
  await sleep(3_000);
  await ask(page, "document.dispatchEvent(new Event('pointerdown')); document.getElementById('start').click()");
  await sleep(1_000);
  await server.advance(140);
  await sleep(4_000);
  await ask(page, `window.off = [];
    new MutationObserver(() => window.off.push(document.body.dataset.cueOff.split(' ').map((ms) => (ms === '' ? NaN : Number(ms))))).observe(document.body, { attributes: true, attributeFilter: ['data-cue-off'] })`);
  if (hidden) await tab('about:blank');
  await sleep(minutes * 60_000);
  const state = await ask(page, 'document.visibilityState');
  const off = JSON.parse(await ask(page, 'JSON.stringify(window.off)'));
  browser.kill('SIGKILL');
  const worst = (place, from = off) => Math.max(...from.map((one) => Math.abs(one[place] ?? NaN)));
  return { page: state, calls: off.length, seenWorstMs: worst(0), heardWorstMs: worst(1), heardOver100Ms: off.filter((one) => Math.abs(one[1]) > 100).length, heardAtTheEndMs: worst(1, off.slice(-20)) };
};

if (process.argv[1] === import.meta.filename) {
  const minutes = Number(process.argv[2] ?? 10);
  const alone = async (hidden) => {
    const server = new Server(true);
    await server.start();
    try {
      return await measure(server, hidden, minutes);
    } finally {
      await server.kill();
    }
  };
  console.table(await Promise.all([alone(false), alone(true)]));
}
