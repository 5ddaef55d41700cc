import { asked, brew, settled, start } from './conducting.mjs';
import { expect, test } from './server.mjs';

// One that is pressed and one that drains by itself: WalkTests runs every possible plan through both implementations.
for (const recipe of ['fp-slow-eight', 'si-layers']) {
  test(`a whole brew of ${recipe}, pressed only at its start, the end of its steep and the dry bed`, async ({ page, server }) => {
    const id = await brew(page, server, recipe);
    await start(page, server, id);
    const stage = () => page.evaluate(() => ({ mood: document.getElementById('brew').className, left: document.getElementById('countdown-number').textContent, word: document.getElementById('done-word').textContent }));
    /** Lets time pass, and has the page ask at once. */
    const pass = async (seconds) => {
      await server.advance(seconds);
      await asked(page);
    };
    const touched = [];
    for (let i = 0; i < 60 && !/\/after$/.test(page.url()); i += 1) {
      const { mood, left, word } = await stage().catch(() => ({ mood: 'gone', left: '0', word: '' }));
      if (mood === 'gone') continue;
      const [seconds, minutes = 0] = left.replace('+', '').split(':').map(Number).reverse();
      const calls = /\b(call|window|closing)\b/.test(mood);
      const awaited = /^It (is dry|is there|hisses)$/.test(word);
      if (awaited && /\bon\b/.test(mood) && minutes * 60 + seconds > 0) await pass(minutes * 60 + seconds);
      if (calls || awaited) {
        await settled(page).catch(() => {});
        const said = await page.locator('#done-word').textContent({ timeout: 2_000 }).catch(() => null);
        if (said === null) continue;
        await page.locator('#done').click();
        touched.push(said);
      } else await pass(/\bhold\b/.test(mood) ? Math.max(1, minutes * 60 + seconds) : 8);
    }
    await expect(page).toHaveURL(/\/after$/, { timeout: 10_000 });
    expect(touched.length, touched.join(', ')).toBeGreaterThan(0);
    expect(touched.length, touched.join(', ')).toBeLessThanOrEqual(2);
    await expect(page.locator('.verdict').first()).toBeVisible();
  });
}
