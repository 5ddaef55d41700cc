// Takes the pictures of docs/screenshots from the demo data: `./cistern publish && node tools/screenshots.mjs [NAME...]`.
import { mkdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { chromium } from '../tests/browser/node_modules/@playwright/test/index.mjs';
import { WHOLE } from '../tests/browser/browser.mjs';
import { Server } from '../tests/browser/server.mjs';
import { cardWith } from '../tests/browser/strewn-card.mjs';

const folder = resolve(import.meta.dirname, '../docs/screenshots');
mkdirSync(folder, { recursive: true });
const server = new Server(true, undefined, true);
await server.start();
const browser = await chromium.launch({ executablePath: WHOLE, args: ['--no-sandbox'] });

const only = process.argv.slice(2);
const shot = async (name, path, { width = 1280, height = 800, colorScheme = 'light', before } = {}) => {
  if (only.length > 0 && !only.includes(name)) return;
  const page = await browser.newPage({ viewport: { width, height }, colorScheme });
  await page.goto(server.url + path);
  await before?.(page);
  await page.waitForTimeout(300);
  await page.screenshot({ path: `${folder}/${name}.png` });
  // A brew left running would call in the next picture.
  if (/\/brew\/\d+$/.test(page.url())) {
    await page.getByText('Abandon this brew').click();
    await page.locator('#why').fill('a picture');
    await page.getByRole('button', { name: 'Abandon it' }).click();
    await page.waitForURL((url) => !/\/brew\/\d+$/.test(url.pathname));
  }
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
await shot('compare', '/compare?b=19&b=20&b=21&b=22');
await shot('taste', '/taste/8');
await shot('next', '/next/49');
// What is learned is computed in the background.
for (let i = 0; i < 60 && !(await (await fetch(`${server.url}/learned`)).text()).includes('coarser than its table'); i += 1) await new Promise((wait) => setTimeout(wait, 500));
await shot('learned', '/learned');
await shot('log', '/log?coffee=Blue%20Ferry&coffee=Quiet%20Orchard');
// Pictures of a brew: made up, of a bed and a cup seen from above.
const drawn = async (name, draw) => {
  const page = await browser.newPage();
  const url = await page.evaluate(`(() => { const canvas = document.createElement('canvas'); canvas.width = 900; canvas.height = 675; const c = canvas.getContext('2d'); (${draw})(c); return canvas.toDataURL('image/jpeg', 0.9); })()`);
  await page.close();
  return { name, mimeType: 'image/jpeg', buffer: Buffer.from(url.split(',')[1], 'base64') };
};
const round = (inner) => `(c) => { c.fillStyle = '#8c8375'; c.fillRect(0, 0, 900, 675); c.fillStyle = '#e9e5dc'; c.beginPath(); c.arc(450, 338, 300, 0, 7); c.fill(); (${inner})(c); }`;
const bed = await drawn('bed.jpg', round("(c) => { c.fillStyle = '#3a2618'; c.beginPath(); c.arc(450, 338, 265, 0, 7); c.fill(); for (let i = 0; i < 5000; i += 1) { const a = i * 2.39996, r = 262 * Math.sqrt(i / 5000); c.fillStyle = i % 3 ? '#4a3220' : '#2c1b10'; c.beginPath(); c.arc(450 + r * Math.cos(a), 338 + r * Math.sin(a), 2 + i % 4, 0, 7); c.fill(); } }"));
const cup = await drawn('cup.jpg', round("(c) => { const g = c.createRadialGradient(400, 300, 20, 450, 338, 250); g.addColorStop(0, '#7a4a22'); g.addColorStop(1, '#2a160a'); c.fillStyle = g; c.beginPath(); c.arc(450, 338, 250, 0, 7); c.fill(); }"));
for (const [picture, of, said] of [[bed, 'bed', 'flat, a thin rim'], [cup, 'cup', 'clear, no oil']]) {
  const page = await browser.newPage();
  await page.goto(`${server.url}/brew/7/pictures`);
  await page.getByLabel('What is seen').last().selectOption(of);
  await page.locator('#said').fill(said);
  await page.locator('#picture').setInputFiles(picture);
  await page.getByRole('button', { name: 'Add it' }).click();
  await page.waitForSelector(`img[alt$="${said}"]`);
  await page.close();
}
await shot('entry', '/log/7', { before: (page) => page.locator('.small-pictures').scrollIntoViewIfNeeded() });
await shot('card', '/shelf/card');
const grounds = await cardWith(browser, server.url, 700);
const measuring = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await measuring.goto(`${server.url}/shelf/grind`);
await measuring.getByRole('combobox', { name: 'Grinder' }).selectOption({ label: 'Ferrule' });
await measuring.getByLabel('Set to').fill('33');
await measuring.locator('#pictures').setInputFiles(grounds.picture);
await measuring.getByRole('button', { name: 'Measure it' }).click();
await measuring.waitForSelector('.grain-field');
await measuring.screenshot({ path: `${folder}/measured.png` });
await measuring.getByRole('button', { name: 'Save it', exact: true }).click();
await measuring.waitForURL('**/shelf*');
await measuring.close();
await shot('grinder-line', '/shelf/mill/1');
await shot('shelf', '/shelf', { before: (page) => page.getByRole('link', { name: 'Change Quiet Orchard' }).click() });
await shot('brew', '/plan/fp-long-settle?bag=2', { before: started(330) });
await shot('brew-phone', '/plan/ld-long-soak-iced?bag=1', { width: 390, height: 844, colorScheme: 'dark', before: started(220) });
await shot('brew-slip', '/plan/fp-slow-eight?bag=3', { width: 390, height: 844, before: started(700) });
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

// Open to the network: the page of devices.
const house = new Server(true);
house.more = { Cistern__House: 'true' };
await house.start();
const owner = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const letIn = async (name) => {
  await owner.goto(`${house.url}/devices`);
  if (await owner.getByRole('button', { name: 'Show a code' }).isVisible()) await owner.getByRole('button', { name: 'Show a code' }).click();
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, ignoreHTTPSErrors: true })).newPage();
  await phone.goto('https://127.0.0.1:5443/');
  await phone.locator('#code').fill(await owner.locator('#digits').innerText());
  await phone.locator('#name').fill(name);
  await phone.getByRole('button', { name: 'Connect it' }).click();
  await phone.waitForURL('**/');
};
await letIn('Kitchen tablet');
await letIn('Phone of Teo');
await owner.goto(`${house.url}/devices`);
await owner.getByRole('button', { name: 'Show a code' }).click();
// A page behind another one cannot be captured.
await owner.bringToFront();
await owner.screenshot({ path: `${folder}/devices.png` });
await house.kill();
await browser.close();
await server.kill();
