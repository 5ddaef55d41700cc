// Photographs: the printed card with grains of known sizes on it, from the page to a point of the grinder; and a picture of a brew,
// with and without a network.
import { brew, giveUp, start } from './conducting.mjs';
import { expect, test } from './server.mjs';
import { cardWith } from './strewn-card.mjs';

test('grains on the printed card become a point of the grinder\'s line', async ({ browser, page, server }) => {
  const strewn = await cardWith(browser, server.url, 700);
  await page.goto(`${server.url}/shelf`);
  await page.getByRole('link', { name: 'Measure a grind' }).click();
  await page.getByRole('combobox', { name: 'Grinder' }).selectOption({ label: 'Ferrule' });
  await page.getByLabel('Set to').fill('33');
  await page.locator('#pictures').setInputFiles(strewn.picture);
  await expect(page.locator('.preview img')).toBeVisible();
  await page.getByRole('button', { name: 'Measure it' }).click();
  const told = Number((await page.locator('.measured h2 .figure').textContent()).replace(',', ''));
  expect(Math.abs(told / strewn.median - 1)).toBeLessThan(0.03);
  await expect(page.locator('svg.grain-field')).toBeVisible();
  // What was typed before is still there.
  await expect(page.getByLabel('Set to')).toHaveValue('33');
  await page.getByRole('button', { name: 'Save it', exact: true }).click();
  await expect(page.locator('#mill-1')).toContainText('measured in one picture');
  await page.goto(`${server.url}/shelf/mill/1`);
  await expect(page.getByLabel('Measured in pictures')).toHaveValue(new RegExp(`^33 = ${told} ± `));
});

test('a picture of a brew is stored on the device without network and sent later', async ({ context, page, server }) => {
  await page.goto(`${server.url}/log/5`);
  await page.getByText('A picture of the grounds, the bed or the cup').click();
  const photograph = { name: 'bed.png', mimeType: 'image/png', buffer: await page.screenshot() };
  const form = page.locator('.add-picture');
  await form.getByLabel('What is seen').selectOption('bed');
  await form.getByLabel('What it shows').fill('flat, with a rim');
  await form.getByLabel('Picture', { exact: true }).setInputFiles(photograph);
  await expect(form.getByAltText('Chosen: bed.png')).toBeVisible();
  await context.setOffline(true);
  await form.getByRole('button', { name: 'Add it' }).click();
  await expect(form.getByRole('status')).toContainText('stored on this device');
  await context.setOffline(false);
  const small = page.locator('.small-pictures img');
  await expect(small).toHaveCount(1);
  await expect(small).toHaveAttribute('alt', 'Spent bed: flat, with a rim');
  expect(await small.evaluate((image) => image.decode().then(() => image.naturalWidth))).toBe(320);
  // Nothing is left to be sent again.
  await page.reload();
  await expect(small).toHaveCount(1);
  await small.click();
  await expect(page.locator('.brew-picture img')).toBeVisible();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.locator('.brew-picture')).toHaveCount(0);
  await page.getByText('Deleted, 1').click();
  await page.getByRole('button', { name: /Undo the deletion/ }).click();
  await expect(page.locator('.brew-picture')).toHaveCount(1);
});

test('a sign seen at a step is stored on the device without network and sent from whichever page is open later', async ({ context, page, server }) => {
  const id = await brew(page, server, 'fp-bloomed');
  await start(page, server, id);
  await context.setOffline(true);
  const sign = page.locator('#signs .sign').first();
  await sign.click();
  await expect(sign).toHaveAttribute('aria-pressed', 'true');
  await expect(page.locator('#brew-problem')).toContainText('stored here and sent when it is back');
  await page.goto('about:blank');
  await context.setOffline(false);
  await page.goto(`${server.url}/shelf`);
  await expect.poll(() => page.evaluate(() => localStorage.getItem('cistern-signs'))).toBeNull();
  await page.goto(`${server.url}/brew/${id}`);
  const first = page.locator('#signs .sign').first();
  await expect(first).toHaveAttribute('aria-pressed', 'true');
  // An answer that the server does not accept as a sign of this brew is reported, and no longer shown as seen.
  await page.route('**/*handler=Sign', (route) => route.fulfill({ status: 422 }));
  await page.locator('#signs .sign').nth(1).click();
  await expect(page.locator('#brew-problem')).toContainText('was not saved');
  await expect(page.locator('#signs .sign[aria-pressed=true]')).toHaveCount(0);
  await giveUp(page, server, id);
});
