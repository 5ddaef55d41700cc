// Two brews planned together: B is called when it has to start, whichever page is open; and a code read from a picture.
import { giveUp, ready, start } from './conducting.mjs';
import { expect, test } from './server.mjs';

test('B of a pair is called at its start, insists when it is forgotten, and is quiet once it runs', async ({ page, server }) => {
  await page.goto(`${server.url}/plan/vd-water-first`);
  await page.getByRole('button', { name: 'Plan a pair with it' }).click();
  await page.waitForURL(/\/pair\/\d+$/);
  const pair = page.url();
  await page.getByRole('link', { name: 'Change one thing in B' }).click();
  await page.locator('#kettle').fill('90');
  await page.locator('#kettle').press('Enter');
  await expect(page.locator('#redo, #undo').first()).toBeEnabled();
  await page.goto(pair);
  await expect(page.locator('#one-thing')).toContainText('One thing differs: the temperature.');
  await page.getByLabel('B starts after A by').fill('0:20');
  await page.getByRole('button', { name: 'Set it' }).click();
  await page.getByRole('button', { name: 'Brew the pair' }).click();
  const [first, second] = await page.locator('.pair-brews a').evaluateAll((links) => links.map((link) => Number(link.href.split('/').at(-1))));
  await page.goto(`${server.url}/brew/${second}`);
  await ready(page);
  await expect(page.locator('#starts-in')).toHaveText('starts 0:20 after A');

  const other = await page.context().newPage();
  await other.goto(`${server.url}/brew/${first}`);
  await ready(other);
  await start(other, server, first);
  // The page of B counts down by itself.
  await expect(page.locator('#starts-in')).toHaveText(/^start in 0:\d\d$/, { timeout: 8_000 });
  await server.advance(18);
  await expect(page.locator('#starts-in')).toHaveText(/^start now/, { timeout: 12_000 });
  // And when its barista is on another page, that page calls.
  const elsewhere = await page.context().newPage();
  await elsewhere.goto(`${server.url}/shelf`);
  await expect(elsewhere.locator('#alarm')).toBeVisible({ timeout: 15_000 });
  await expect(elsewhere.locator('#alarm')).toContainText('Start: Water below, B');
  await elsewhere.locator('#alarm a').click();
  await elsewhere.waitForURL(new RegExp(`/brew/${second}$`));
  await ready(elsewhere);
  await start(elsewhere, server, second);
  await elsewhere.goto(`${server.url}/shelf`);
  // Other tests brew with the same data, so only B is looked for.
  await expect(elsewhere.locator(`.gauge-brew[data-id="${second}"] .gauge-time`)).toHaveText(/^0:\d\d$/);
  await expect(elsewhere.locator('#alarm .alarm-what')).not.toHaveText(/^Start: /);
  for (const id of [first, second]) await giveUp(page, server, id);
});

test('a code is read from a picture of it', async ({ page, server }, info) => {
  await page.goto(`${server.url}/files/code?plan=si-whirl`);
  const picture = info.outputPath('code.png');
  await page.locator('.code-large').screenshot({ path: picture });
  await page.goto(`${server.url}/files`);
  // A picture without a code is reported, and nothing is sent.
  await page.locator('h1').screenshot({ path: info.outputPath('none.png') });
  await page.locator('#picture').setInputFiles(info.outputPath('none.png'));
  await expect(page.locator('#picture-says')).toContainText('No code was found in it.');
  await page.locator('#picture').setInputFiles(picture);
  await page.waitForURL(/\/files\/in\//);
  await expect(page.locator('main')).toContainText('Kept turning');
});

test('a blind tasting updates itself as tasters answer, by keyboard only', async ({ page, server }) => {
  await page.goto(`${server.url}/blind`);
  await page.getByLabel('Tasters').first().fill('2');
  await page.getByRole('button', { name: 'Start the tasting' }).click();
  await page.waitForURL(/\/blind\/\d+$/);
  const taster = await page.context().newPage();
  await taster.goto(`${page.url()}/answer?taster=2`);
  await taster.getByRole('radio').first().focus();
  await taster.keyboard.press('ArrowRight');
  await taster.keyboard.press('Tab');
  await taster.keyboard.type('a little sharper');
  await taster.getByRole('button', { name: 'Save my answer' }).focus();
  await taster.keyboard.press('Enter');
  await expect(taster.getByRole('status')).toContainText('Kept: ');
  await expect(page.locator('#answers h2')).toHaveText('1 of 2 have answered', { timeout: 8_000 });
});
