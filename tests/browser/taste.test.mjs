// From the cup to the next brew: what was tasted, one change, its plan, brewed.
import { expect, test } from './server.mjs';
import { ready, settled } from './conducting.mjs';

/** A dripper of the demo that drained for minutes on end. */
const stalled = 19;

test('sour and thin after a slow drain leads to the next plan, and that is brewed', async ({ page, server }) => {
  await page.goto(`${server.url}/log/${stalled}`);
  await page.getByRole('link', { name: /Taste it/ }).click();
  // Two taps: the sip, and the pad towards sharp and thin.
  await page.locator('label.pick', { hasText: /^\s*Hot\s*$/ }).click();
  const pad = await page.locator('#pad').boundingBox();
  await page.mouse.click(pad.x + 0.3 * pad.width, pad.y + 0.75 * pad.height);
  await expect(page.locator('[id="hot.sharp-harsh"]')).toHaveValue('-3');
  await expect(page.locator('[id="hot.thin-heavy"]')).toHaveValue('-3');
  await expect(page.locator('#pad-dot')).not.toHaveClass(/unplaced/);
  // The earlier sip is where it was, and this one where it was put.
  await page.locator('label.pick', { hasText: /^\s*Cool\s*$/ }).click();
  await expect(page.locator('[id="hot.sharp-harsh"]')).toBeHidden();
  await page.locator('label.pick', { hasText: /^\s*Hot\s*$/ }).click();
  await expect(page.locator('[id="hot.sharp-harsh"]')).toHaveValue('-3');
  await page.locator('label.pick', { hasText: /^\s*mud\s*$/ }).click();
  await page.getByRole('button', { name: 'Save the tasting' }).click();

  await expect(page.getByRole('heading', { name: 'What next' })).toBeVisible();
  await expect(page.locator('#verdict')).toContainText('stalled');
  const first = page.locator('#changes .change').first();
  await expect(first).toContainText('Grind coarser');
  const step = await first.locator('h3 .figure').textContent();
  await first.getByRole('button', { name: /Make it the next brew/ }).click();

  await page.waitForURL(/\/plan\/\d+$/);
  const clicks = step.match(/→ (\d+)/)[1];
  await expect(page.locator('[name="grind"]')).toHaveValue(clicks);
  await page.goto(server.url);
  await page.locator('#next').getByRole('link', { name: /To the plan/ }).click();
  await page.getByRole('button', { name: 'Brew this' }).click();
  await page.waitForURL(/\/brew\/\d+$/);
  await ready(page);
  const id = Number(page.url().split('/').at(-1));
  await page.locator('#start').click();
  await expect(page.locator('#clock')).toBeVisible();
  // Only the two steps are pressed that have to be: the release, and the dry bed.
  await server.advance(190);
  await expect(page.locator('#verb')).toHaveText(/Let it draw down|Set it on|Open/, { timeout: 10_000 });
  await settled(page);
  await page.keyboard.press('Space');
  await server.advance(200);
  await expect(page.locator('#done-word')).toHaveText('It is dry', { timeout: 10_000 });
  await settled(page);
  await page.keyboard.press('Space');
  await expect(page).toHaveURL(/\/after$/, { timeout: 20_000 });
  await page.goto(`${server.url}/series/${id}`);
  await expect(page.locator('.series-rows li').last()).toContainText('Grind coarser');
  await expect(page.locator('.series-expected')).not.toHaveCount(0);
});
