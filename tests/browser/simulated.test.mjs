// A brew with simulated instruments: what they detect advances it, and nobody touches anything but Start.
import { expect, test } from './server.mjs';
import { brew, giveUp, told } from './conducting.mjs';

/** Made a rehearsal: the same instruments, hands and screens, at a speed a test can wait for. */
const rehearse = async (page, hands, speed) => {
  await page.locator('#instruments summary').click();
  await page.locator('#hands-choice').selectOption(hands);
  await page.locator('#speed').fill(String(speed));
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await expect(page.locator('.rehearsal')).toContainText(`Rehearsal, ${speed} times as fast`);
  await expect(page.locator('#brew')).toHaveAttribute('data-ready', '');
};
/** The one touch. */
const start = async (page) => {
  const all = page.locator('#start');
  await ((await all.isVisible()) ? all : page.locator('#done')).click();
  await expect(page.locator('#clock')).toBeVisible();
};

// One brew advanced by the scale and one by the flame; every family, and errors, are in StepDetectorTests.
for (const [family, recipe, released] of [['French press', 'fp-bloomed', 'plunge, begun'], ['siphon', 'si-layers', 'flame']]) {
  test(`a ${family} is brewed hands-free with simulated instruments, with one touch of Start`, async ({ page, server }) => {
    const id = await brew(page, server, recipe);
    await rehearse(page, 'steady', 30);
    await start(page);
    await page.waitForURL(/after$/, { timeout: 90_000 });
    const seen = (await page.locator('#seen').innerText()).toLowerCase();
    expect(seen, 'the release was seen').toContain(released);
    // The readings that were shown are stored: at most five a second, and none of the rehearsal in the log.
    const csv = (await (await fetch(`${server.url}/api/brews/${id}/readings.csv`)).text()).trim().split('\n');
    expect(csv.length).toBeGreaterThan(200);
    await page.goto(`${server.url}/log`);
    await expect(page.locator(`a[href="/log/${id}"]`)).toHaveCount(0);
  });
}

test('what the scale detects is marked as detected, and undone like a press', async ({ page, server }) => {
  const id = await brew(page, server, 'fp-bloomed');
  await rehearse(page, 'steady', 2);
  await start(page);
  await expect(page.locator('.heard-seen')).toContainText('Seen: pour, done at 0:0', { timeout: 30_000 });
  await expect(page.locator('#heard-now')).toContainText(/scale \d+(\.\d)? g/);
  const seen = (await told(server, id)).entries.filter((entry) => entry.seen);
  expect(seen.map((entry) => entry.kind)).toContain('done');
  await expect(page.locator('#verb')).toHaveText('Swirl');
  await expect(page.locator('#undo-word')).toHaveText('Undo');
  await page.locator('#undo').click();
  await expect.poll(async () => (await told(server, id)).entries.some((entry) => entry.kind === 'undo')).toBe(true);
  await giveUp(page, server, id);
});

// Corrections, how they are accepted and conducted, are in conduct.test.mjs.
test('a mistake that an instrument shows is reported with its caution', async ({ page, server }) => {
  const id = await brew(page, server, 'si-layers');
  await rehearse(page, 'weak-flame', 5);
  await start(page);
  await expect(page.locator('#deviation .deviation').first()).toContainText(/The flame is \d+ W too weak.*Never leave it alone/, { timeout: 60_000 });
  // A brew that is over by now calls nobody any more.
  if (await told(server, id)) await giveUp(page, server, id);
});
