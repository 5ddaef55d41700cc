import { ready, settled } from './conducting.mjs';
import { expect, test } from './server.mjs';

/** Sets the server's clock forward and lets the page learn of it. */
const advance = async (page, server, seconds) => {
  const told = page.waitForResponse((answer) => answer.url().includes('/api/under-way'));
  await server.advance(seconds);
  await told;
  await page.waitForResponse((answer) => answer.url().includes('/api/under-way'));
};

/** Sets it forward by what the countdown says is left. */
const passHold = async (page, server) => {
  const [seconds, minutes = 0] = (await page.locator('#countdown-number').textContent()).split(':').map(Number).reverse();
  await server.advance(minutes * 60 + seconds);
  await expect(page.locator('#verb')).not.toHaveText('Steep', { timeout: 4_000 });
};

const errors = (page) => {
  const seen = [];
  page.on('pageerror', (error) => seen.push(error.message));
  page.on('console', (message) => { if (message.type() === 'error' && !/Failed to load resource/.test(message.text())) seen.push(message.text()); });
  return seen;
};

const press = async (page) => {
  await settled(page);
  const answer = page.waitForResponse((one) => one.url().includes('/entries'));
  await page.keyboard.press('Space');
  expect((await answer).ok()).toBe(true);
};

test('a barista brews from Bench to Log with the keyboard only', async ({ page, server }) => {
  const seen = errors(page);
  await page.goto(server.url);
  await page.locator('.card-link', { hasText: 'Bloomed and broken' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Bloomed and broken' })).toBeVisible();

  // The dose is typed with a comma; the ratio is locked, so the water follows.
  await page.locator('#dose').focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('30,0');
  await page.keyboard.press('Enter');
  await expect(page.locator('#water')).toHaveValue('450');
  await page.locator('#brew-this').focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('#verb')).toHaveText('Warm the brewer');

  await ready(page);
  await page.locator('.brew-head').click();
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Add the coffee');
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Ready');
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Pour');
  await expect(page.locator('#target')).toContainText('to 61 g');
  await expect(page.locator('#pace')).toContainText('to 61 g');
  await advance(page, server, 5);
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Swirl');
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Steep');
  await expect(page.locator('#done-word')).toContainText('Pour now, 0:');
  await passHold(page, server);
  await expect(page.locator('#verb')).toHaveText('Pour');
  await expect(page.locator('#target')).toContainText('to 450 g');
  await press(page);
  await press(page);
  await expect(page.locator('#verb')).toHaveText('Steep');
  await expect(page.locator('#then')).toContainText('at 4:15 Break the crust');
  await passHold(page, server);
  // Shown for three seconds: a slow machine may look when they are over.
  await expect(page.locator('#verb')).toHaveText(/Break the crust|Plunge/);
  // Three seconds later it is time to plunge, for whoever presses: a press under way then would be the plunge's.
  await expect(page.locator('#verb')).toHaveText('Plunge');
  await expect(page.locator('#done-word')).toHaveText('Plunge now');
  await expect(page.locator('#caution')).toContainText('never lean on it');
  await press(page);
  await expect(page.locator('#done-word')).toHaveText('It is down');
  await press(page);
  await press(page);
  await expect(page).toHaveURL(/\/brew\/\d+\/after/);
  await expect(page.getByRole('heading', { name: 'Done: Bloomed and broken' })).toBeVisible();
  await page.getByRole('link', { name: 'Taste', exact: true }).first().focus();
  await page.goto(page.url().replace('/brew/', '/taste/').replace('/after', ''));
  await expect(page.locator('#not-placed')).toBeVisible();

  await page.locator('#sharp-harsh').focus();
  await page.keyboard.press('ArrowLeft');
  await page.locator('#score').fill('7,5');
  await page.locator('#note').fill('Plum at the front.');
  await page.getByRole('button', { name: 'Save the tasting' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'What next' })).toBeVisible();
  await page.waitForLoadState('domcontentloaded');
  await page.keyboard.press('l');
  await expect(page.locator('.row').first()).toContainText('Bloomed and broken');
  await expect(page.locator('.row').first()).toContainText('Plum at the front.');
  expect(seen).toEqual([]);
});

test('a running brew survives kill -9 of the server, to the second', async ({ page, server }) => {
  await page.goto(`${server.url}/plan/fp-long-settle`);
  await page.getByRole('button', { name: 'Brew this' }).click();
  await ready(page);
  await page.locator('#start').click();
  await expect(page.locator('#verb')).toHaveText('Pour');
  await settled(page);
  await page.locator('#done').click();
  await expect(page.locator('#verb')).toHaveText('Lid on');
  const id = Number(page.url().split('/').at(-1));
  const kept = () => page.evaluate(async (brew) => {
    const state = await (await fetch('/api/under-way')).json();
    return { nowMs: state.nowMs, ...state.brews.find((one) => one.id === brew) };
  }, id);
  // Both presses have been acknowledged, so the one made without a server is the only one stored on the device.
  await expect.poll(async () => (await kept()).entries.length).toBe(2);
  await expect.poll(() => page.evaluate((brew) => localStorage.getItem(`cistern-kept-${brew}`), id)).toBeNull();
  const started = (await kept()).startedAtMs;

  await server.kill();
  await settled(page);
  await page.locator('#done').click();
  await expect(page.locator('#link-state')).toContainText('1 press is stored here');
  await expect(page.locator('#verb')).toHaveText('Smell');
  await server.start();
  await expect(page.locator('#link-state')).toHaveText('', { timeout: 15_000 });

  await page.reload();
  await expect.poll(async () => (await kept()).entries.length).toBe(3);
  const state = await kept();
  expect(state.startedAtMs).toBe(started);
  expect(state.entries.map((one) => `${one.kind} ${one.step}`)).toEqual(['start 3', 'done 3', 'done 4']);
  const clock = await page.locator('#clock-time').textContent();
  const [minutes, seconds] = clock.split(':').map(Number);
  expect(Math.abs(minutes * 60 + seconds - ((await kept()).nowMs - started) / 1000)).toBeLessThan(2.5);
  await giveUp(page);
});

const giveUp = async (page) => {
  await page.getByText('Abandon this brew').click();
  await page.locator('#why').fill('only a trial');
  await page.getByRole('button', { name: 'Abandon it' }).click();
  await expect(page.getByText('only a trial')).toBeVisible();
};

test('touch at 390 px: three touches from the bench to a running clock', async ({ browser, server }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true });
  const page = await context.newPage();
  await page.goto(server.url);
  await page.locator('.card-link', { hasText: 'Slow eight' }).tap();
  await page.getByRole('button', { name: 'Brew this' }).tap();
  await ready(page);
  await expect(page.locator('#start')).toBeInViewport();
  await page.locator('#start').tap();
  await expect(page.locator('#clock')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  await giveUp(page);
  await context.close();
});

test('without scripts a brew is conducted by its buttons', async ({ browser, server }) => {
  const context = await browser.newContext({ javaScriptEnabled: false });
  const page = await context.newPage();
  await page.goto(`${server.url}/plan/fp-water-first`);
  await page.locator('#drink').fill('500');
  await page.locator('#work-out').click();
  await expect(page.locator('#dose')).toHaveValue(/^3\d\.\d$/);
  await page.locator('#brew-this').click();
  await page.locator('#start').click();
  await expect(page.locator('#verb')).toHaveText('Stir');
  await page.locator('#undo').click();
  // Undoing the start resets the clock: that is confirmed first.
  await page.locator('#unstart').click();
  await expect(page.locator('#verb')).toHaveText('Warm the brewer');
  await context.close();
});

test('moving along the brew chart by keys and pointer updates the brewer', async ({ page, server }) => {
  const seen = errors(page);
  await page.goto(`${server.url}/plan/vd-coffee-first`);
  const moment = page.locator('.moment');
  await expect(moment).toContainText('3:03');
  await page.locator('#at').focus();
  await page.keyboard.press('ArrowRight');
  await expect(moment).toContainText('3:04');
  const chart = await page.locator('.chart-wide svg').first().boundingBox();
  await page.mouse.click(chart.x + chart.width * 0.12, chart.y + 80);
  await expect(moment).toContainText(/^0:\d\d/);
  await expect(page.locator('.chart-wide .chart-now').first()).toHaveAttribute('visibility', 'visible');
  await page.locator('#dose-more').click();
  await expect(page.locator('#dose')).toHaveValue('25.0');
  await expect(moment).toContainText(/^0:\d\d/);
  expect(seen).toEqual([]);
});
