// Takes the pictures of docs/screenshots from the demo data: `./cistern publish && node tools/screenshots.mjs`.
import { mkdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { chromium } from '../tests/browser/node_modules/@playwright/test/index.mjs';
import { WHOLE } from '../tests/browser/browser.mjs';
import { Server } from '../tests/browser/server.mjs';

const folder = resolve(import.meta.dirname, '../docs/screenshots');
mkdirSync(folder, { recursive: true });
const server = new Server(true, undefined, true);
await server.start();
const browser = await chromium.launch({ executablePath: WHOLE, args: ['--no-sandbox'] });

const shot = async (name, path, { width = 1280, height = 800, colorScheme = 'light', before } = {}) => {
  const page = await browser.newPage({ viewport: { width, height }, colorScheme });
  await page.goto(server.url + path);
  await before?.(page);
  await page.waitForTimeout(300);
  await page.screenshot({ path: `${folder}/${name}.png` });
  await page.close();
};
const begin = async (page) => {
  await page.getByRole('button', { name: 'Brew this' }).click();
  await page.waitForSelector('[data-ready]');
};
const started = (seconds) => async (page) => {
  await begin(page);
  await page.locator('#start').click();
  await page.waitForTimeout(800);
  await server.advance(seconds);
  await page.waitForTimeout(6_500);
};

await shot('bench', '/');
await shot('plan', '/plan/fp-bloomed?bag=2&mill=2&dose=30&was.dose=27.0');
await shot('plan-refusal', '/plan/tp-upright-short?do=put&put=stir&put.at=1:10');
await shot('choose', '/plan?cups=2&minutes=5&ice=hot&bag=4');
await shot('together', '/together?b=19&b=20&b=21&b=22');
await shot('taste', '/taste/8');
await shot('next', '/next/49');
// What is learned is worked out beside the pages.
for (let i = 0; i < 60 && !(await (await fetch(`${server.url}/learned`)).text()).includes('coarser than its table'); i += 1) await new Promise((wait) => setTimeout(wait, 500));
await shot('learned', '/learned');
await shot('log', '/log?coffee=Blue%20Ferry&coffee=Quiet%20Orchard');
await shot('entry', '/log/7');
await shot('shelf', '/shelf', { before: (page) => page.getByRole('link', { name: 'Change Quiet Orchard' }).click() });
await shot('blind', '/blind/1');
await shot('brew', '/plan/fp-long-settle?bag=2', { before: started(330) });
await shot('brew-phone', '/plan/ld-long-soak-iced?bag=1', { width: 390, height: 844, colorScheme: 'dark', before: started(220) });
await shot('brew-slip', '/plan/fp-slow-eight?bag=3', { width: 390, height: 844, before: started(700) });
const rehearsed = (hands, until) => async (page) => {
  await begin(page);
  await page.locator('#instruments summary').click();
  await page.locator('#hands-choice').selectOption(hands);
  await page.locator('#speed').fill('20');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await page.waitForSelector('.rehearsal');
  await page.waitForSelector('[data-ready]');
  await page.locator('#start').click();
  await until(page);
};
await shot('brew-heard', '/plan/vd-coffee-first?bag=3', { height: 1000, before: rehearsed('over', (page) => page.waitForTimeout(13_000)) });

// Somebody new, with an empty data file.
const empty = new Server(false);
await empty.start();
const newcomer = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await newcomer.goto(empty.url);
for (const name of ['French press, 350 ml', 'It was bought ground', 'A spoon']) await newcomer.getByRole('radio', { name }).check({ force: true });
await newcomer.getByRole('button', { name: 'Show me the recipe' }).click();
await newcomer.getByRole('button', { name: 'Brew it' }).click();
await newcomer.waitForSelector('[data-ready]');
await newcomer.locator('#start').click();
await newcomer.waitForTimeout(1_500);
await newcomer.screenshot({ path: `${folder}/first-brew.png` });
await empty.kill();

// The house: its page of devices, and a phone that is let in.
const house = new Server(true);
house.more = { Cistern__House: 'true' };
await house.start();
const keeper = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const letIn = async (name, picture) => {
  await keeper.goto(`${house.url}/devices`);
  if (await keeper.getByRole('button', { name: 'Show a code' }).isVisible()) await keeper.getByRole('button', { name: 'Show a code' }).click();
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, ignoreHTTPSErrors: true })).newPage();
  await phone.goto('https://127.0.0.1:5443/');
  await phone.locator('#code').fill(await keeper.locator('#digits').innerText());
  await phone.locator('#name').fill(name);
  if (picture) await phone.screenshot({ path: `${folder}/${picture}.png` });
  await phone.getByRole('button', { name: 'Pair it' }).click();
  await phone.waitForURL('**/');
};
await letIn('Kitchen tablet');
await letIn('Phone of Teo', 'pair-phone');
await keeper.goto(`${house.url}/devices`);
await keeper.getByRole('button', { name: 'Show a code' }).click();
await keeper.screenshot({ path: `${folder}/devices.png` });
await house.kill();
await browser.close();
await server.kill();
