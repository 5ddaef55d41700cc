// Somebody new, an empty data file and their own equipment: actions counted from the first page to a tasted cup.
import { expect, test } from '@playwright/test';
import { audit } from './audit.mjs';
import { asked } from './conducting.mjs';
import { Server } from './server.mjs';

/** The lines of a page that are in sight before anything is unfolded; what a screen reader alone is told is not. */
const linesOf = (page, where = 'main') => page.locator(where).evaluate((part) => {
  const hidden = [...part.querySelectorAll('.sr-only')].map((one) => one.innerText.trim());
  return part.innerText.split('\n').map((line) => line.trim()).filter((line) => line !== '' && !hidden.includes(line));
}, null, { timeout: 2_000 });

/** Words are counted once: a line that stood there before is not read again. Numbers alone, of clocks and axes, are not words. */
const reader = () => {
  const read = new Set();
  let words = 0;
  return {
    // A line in which only the numbers changed is the same line.
    read: (lines) => lines.filter((line) => !read.has(line.replace(/[\d.,:½¼¾]+/g, '#')) && read.add(line.replace(/[\d.,:½¼¾]+/g, '#'))).forEach((line) => { words += line.split(/\s+/).filter((word) => /\p{L}{2}/u.test(word)).length; if (process.env.LINES) console.log('  ', line); }),
    get words() { return words; },
  };
};

/** By pointer or finger, and by keys alone. */
const POINTING = { choose: (radio) => radio.check({ force: true }), press: (button, options) => button.click(options) };
const KEYS = { choose: (radio) => radio.press('Space'), press: (button, options) => button.press('Enter', options) };

const brewed = async (page, server, answers, { choose, press }) => {
  let actions = 0;
  const eyes = reader();
  const act = async (what) => { actions += 1; await what(); };
  await page.goto(server.url);
  await expect(page.getByRole('heading', { name: 'What do you brew in?' })).toBeVisible();
  eyes.read(await linesOf(page));
  for (const name of answers) await act(() => choose(page.getByRole('radio', { name })));
  await act(() => press(page.getByRole('button', { name: 'Show me the recipe' })));
  await expect(page.getByRole('button', { name: 'Brew it' })).toBeVisible();
  eyes.read(await linesOf(page));
  const recipe = await page.locator('.first-figures').innerText();
  await act(() => press(page.getByRole('button', { name: 'Brew it' })));
  await page.waitForSelector('[data-ready]');
  await expect(page.locator('.gesture:visible')).toHaveCount(1);
  eyes.read(await linesOf(page));
  await act(() => press(page.locator('#start')));
  for (let i = 0; i < 60 && !page.url().endsWith('/after'); i += 1) {
    await asked(page);
    if (page.url().endsWith('/after')) break;
    eyes.read(await linesOf(page, '#brew').catch(() => []));
    const calls = await page.locator('#brew').evaluate((brew) => /\b(call|late)\b/.test(brew.className), null, { timeout: 2_000 }).catch(() => false);
    if (calls) await act(() => press(page.locator('#done'), { timeout: 3_000 }).catch(() => {}));
    else await server.advance(20);
  }
  await expect(page).toHaveURL(/\/after$/);
  eyes.read(await linesOf(page));
  await act(() => press(page.getByRole('button', { name: 'Sour', exact: true })));
  await expect(page).toHaveURL(/\/next\//);
  await expect(page.getByRole('button', { name: /Make it the next brew/ }).first()).toBeVisible();
  return { actions, words: eyes.words, recipe };
};

for (const { who, answers, says, how } of [
  { who: 'by keyboard, with a spoon and a press of 350 ml', how: KEYS, answers: ['French press, 350 ml', 'It was bought ground', 'A spoon'], says: /tablespoon[^]*coarse[^]*the boil/i },
  { who: 'with a scale and a thermometer, on a phone', how: POINTING, answers: ['valve dripper, 300 ml', 'I grind it', 'A scale and a thermometer'], says: /\d g[^]*°C/ },
]) {
  test(`an empty bench leads to a tasted cup ${who}`, async ({ browser }) => {
    test.setTimeout(150_000);
    const server = new Server(false);
    await server.start();
    const page = await browser.newPage(who.includes('phone') ? { viewport: { width: 390, height: 844 } } : {});
    try {
      const { actions, words, recipe } = await brewed(page, server, answers, how);
      test.info().annotations.push({ type: 'counted', description: `${actions} actions, ${words} words` });
      console.log(`${who}: ${actions} actions, ${words} words`);
      expect(recipe).toMatch(says);
      expect(actions).toBeLessThanOrEqual(10);
      expect(words).toBeLessThanOrEqual(500);
    } finally {
      await page.close();
      await server.kill();
    }
  });
}

test('the demo is opened beside an empty data file, looked at and closed, and ends with the application', async ({ browser }) => {
  const server = new Server(false);
  await server.start();
  const context = await browser.newContext({ bypassCSP: true });
  const page = await context.newPage();
  let demo;
  try {
    await page.goto(server.url);
    await page.getByRole('link', { name: 'Look around in a demo' }).click();
    expect(await audit(page)).toEqual([]);
    await page.getByRole('button', { name: 'Open the demo' }).click();
    await page.getByRole('link', { name: 'Go to the demo' }).click({ timeout: 60_000 });
    await expect(page.getByText('This is the demo: nothing here is yours.')).toBeVisible();
    demo = new URL(page.url()).origin;
    expect(demo).not.toBe(server.url);
    await page.getByRole('link', { name: 'Log', exact: true }).click();
    await expect(page.locator('.log-rows .row').first()).toBeVisible();
    // No demo is opened from within a demo.
    expect((await page.goto(`${demo}/demo`)).status()).toBe(404);
    await page.goto(demo);
    await page.getByRole('link', { name: 'Back to your own data' }).click();
    await expect(page.getByRole('heading', { name: 'Begin' })).toBeVisible();
    // Opened again it is the same one.
    await page.goto(`${server.url}/demo`);
    await expect(page.getByRole('link', { name: 'Go to the demo' })).toHaveAttribute('href', `${demo}/`);
  } finally {
    await context.close();
    await server.kill();
  }
  await expect.poll(() => fetch(demo).then(() => 'there', () => 'gone'), { timeout: 20_000 }).toBe('gone');
});
