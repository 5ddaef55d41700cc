import { expect, test } from './server.mjs';

const places = ['/', '/shelf', '/shelf/mill/new', '/shelf/grind', '/shelf/card', '/brew/8/pictures', '/plan', '/plan/fp-long-settle', '/plan/si-whirl?open=3', '/compare?p=si-whirl&p=fp-bloomed', '/plan/si-layers/card', '/brew/cues', '/taste/8', '/next/19', '/log', '/log/7', '/compare?b=19&b=21', '/trends', '/blind/1', '/pair/1', '/files', '/you', '/help', '/brew/7/after'];

test('no page scrolls sideways, from a phone with large text to a small desk', async ({ browser, server }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 800 }, isMobile: true, hasTouch: true, bypassCSP: true });
  const page = await context.newPage();
  const wide = [];
  for (const place of places) {
    await page.goto(server.url + place);
    for (const [width, size] of [[390, '200%'], [360, '100%'], [768, '100%'], [1024, '100%']]) {
      await page.setViewportSize({ width, height: 800 });
      const reaches = await page.evaluate((fontSize) => {
        document.documentElement.style.fontSize = fontSize;
        return document.documentElement.scrollWidth;
      }, size);
      if (reaches > width + 1) wide.push(`${place} at ${width}: ${reaches}`);
    }
  }
  expect(wide).toEqual([]);
  await context.close();
});

test('on a phone the plan is folded at first, and stays as it was left', async ({ browser, server }) => {
  const context = await browser.newContext({ viewport: { width: 390, height: 800 }, hasTouch: true });
  const page = await context.newPage();
  await page.goto(`${server.url}/plan/fp-bloomed`);
  await expect(page.locator('#dose')).toBeInViewport();
  await expect(page.locator('#keep-name')).toBeHidden();
  await page.locator('.plan-jumps a[href="#part-keep"]').tap();
  await expect(page.locator('#keep-name')).toBeVisible();
  // An answer that is inserted into the page leaves it open; so does a reload.
  await page.locator('#dose-more').tap();
  await expect(page.locator('#dose')).not.toHaveValue('27.0');
  await expect(page.locator('#keep-name')).toBeVisible();
  await page.reload();
  await expect(page.locator('#keep-name')).toBeVisible();
  await expect(page.locator('#ask-value')).toBeHidden();
  await context.close();
});
