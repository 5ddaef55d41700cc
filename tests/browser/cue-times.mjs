// How far calls come off their moments, in a page that is in front and in one that is not. No test, for machines are noisy:
// `node tests/browser/cue-times.mjs [minutes]` reports it. What is seen is noticed by the page's worker, five times a second;
// what is heard is laid ahead on the audio clock, and is measured against the steady clock when its moment comes.
// Without a display (`xvfb-run -a node …` gives one) Chromium calls every tab visible, and none can be hidden.
import { execSync } from 'node:child_process';
import { chromium } from '@playwright/test';
import { Server } from './server.mjs';

const minutes = Number(process.argv[2] ?? 10);
const server = new Server(true);
await server.start();
const shown = Boolean(process.env.DISPLAY);
const browser = await chromium.launch({
  executablePath: execSync('command -v chromium').toString().trim(),
  headless: !shown,
  args: ['--no-sandbox', '--autoplay-policy=no-user-gesture-required'],
  // What keeps a hidden tab's timers quick for tests is what must not be measured.
  ignoreDefaultArgs: ['--disable-background-timer-throttling', '--disable-backgrounding-occluded-windows', '--disable-renderer-backgrounding', '--mute-audio'],
});

const measure = async (hidden) => {
  const context = await browser.newContext();
  const page = await context.newPage();
  // One that nobody answers calls every two seconds, for as long as it is asked.
  await page.goto(`${server.url}/plan/ld-closed`);
  await page.getByRole('button', { name: 'Brew this' }).click();
  await page.waitForURL(/\/brew\/\d+$/);
  await page.locator('#start').click();
  await server.advance(140);
  await page.waitForTimeout(3_000);
  await page.evaluate(() => {
    window.off = [];
    new MutationObserver(() => window.off.push(document.body.dataset.cueOff.split(' ').map(Number))).observe(document.body, { attributes: true, attributeFilter: ['data-cue-off'] });
  });
  let state = 'visible';
  if (hidden) {
    const session = await context.newCDPSession(page);
    await session.send('Emulation.setFocusEmulationEnabled', { enabled: false });
    const other = await context.newPage();
    await other.goto('about:blank');
    await other.bringToFront();
    state = await page.evaluate(() => document.visibilityState);
  }
  await new Promise((wait) => setTimeout(wait, minutes * 60_000));
  const off = await page.evaluate(() => window.off);
  await context.close();
  const worst = (place) => Math.max(0, ...off.map((one) => Math.abs(one[place])));
  const late = off.slice(-20);
  return { page: hidden ? `behind another (${state})` : `in front (${state})`, calls: off.length, seenWorstMs: worst(0), heardWorstMs: worst(1), heardAtTheEndMs: Math.max(0, ...late.map((one) => Math.abs(one[1]))) };
};

console.table(await Promise.all([measure(false), measure(true)]));
await browser.close();
await server.kill();
