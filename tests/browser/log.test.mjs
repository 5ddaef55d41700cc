// The log in a browser: searching while typing, filters by keyboard, comparing, and files dropped in.
import { readFileSync } from 'node:fs';
import { expect, test } from './server.mjs';

test('brews are found while typing, filtered and compared', async ({ page, server }) => {
  await page.goto(`${server.url}/log`);
  const rows = page.locator('.log-rows .row');
  // Other tests brew with the same data.
  const all = await page.locator('.found strong').textContent();
  const find = page.getByLabel('Find', { exact: true });
  await find.pressSequentially('apric', { delay: 40 });
  await expect(page).toHaveURL(/\/log\?q=apric$/);
  await expect(page.locator('.found strong')).not.toHaveText(all);
  // What is typed stays, and the focus stays in it.
  await expect(find).toHaveValue('apric');
  await expect(find).toBeFocused();
  const apricots = await rows.count();
  expect(apricots).toBeGreaterThan(2);
  for (const row of await rows.all()) await expect(row).toContainText('Quiet Orchard');

  // A filter by keyboard only: the chip opens, its values are links with counts.
  const facet = page.locator('.facet', { hasText: 'Kind of brewer' });
  await facet.locator('summary').focus();
  await page.keyboard.press('Enter');
  const value = facet.getByRole('link', { name: /French press/ });
  const count = Number(await value.locator('small').textContent());
  await value.focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/family=french-press/);
  await expect(page.locator('.found strong')).toHaveText(`${count} brews`);
  await page.waitForLoadState('load');
  // Escape closes what is open and leaves the focus on it.
  await facet.locator('summary').click();
  await expect(facet.getByRole('link').first()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(facet.getByRole('link').first()).toBeHidden();
  await expect(facet.locator('summary')).toBeFocused();
  // More is typed, and the filter stays.
  await page.getByLabel('Find', { exact: true }).fill('');
  await expect(page).not.toHaveURL(/q=apric/);
  await expect(page).toHaveURL(/family=french-press/);

  // A search is saved with its current results, not with those at the time the page was loaded.
  await page.getByLabel('Save this search as').fill('Presses');
  await page.getByRole('button', { name: 'Save the search' }).click();
  await expect(page.getByRole('link', { name: 'Presses', exact: true })).toHaveAttribute('href', '/log?family=french-press');

  await rows.nth(0).getByRole('checkbox').check();
  await rows.nth(1).getByRole('checkbox').check();
  await page.getByRole('button', { name: 'Compare the ticked' }).click();
  await expect(page).toHaveURL(/\/compare\?b=\d+&b=\d+$/);
  await expect(page.locator('.beside-who li')).toHaveCount(2);
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Log' })).toBeVisible();
});

test('a file that is dropped in is previewed', async ({ page, server }) => {
  await page.goto(`${server.url}/log/5`);
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Brew file' }).click();
  const brew = JSON.parse(readFileSync(await (await download).path(), 'utf8'));
  const other = { ...brew, id: crypto.randomUUID(), startedAt: '2026-01-02T08:00:00+00:00', openedAt: '2026-01-02T07:57:00+00:00' };

  await page.goto(`${server.url}/files`);
  const dropped = await page.evaluateHandle((text) => {
    const data = new DataTransfer();
    data.items.add(new File([text], 'from the other counter.json', { type: 'application/json' }));
    return data;
  }, JSON.stringify([brew, other]));
  await page.locator('#drop').dispatchEvent('drop', { dataTransfer: dropped });
  await expect(page.locator('.lead')).toContainText('from the other counter.json: 1 new, 1 already here');
});
