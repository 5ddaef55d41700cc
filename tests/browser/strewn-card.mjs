// A photograph of the printed card with grains of known sizes on it: drawn by the browser, which shares no code with the measurement.

/** A picture of the application's own card, greyed as a photograph is, with round grains strewn on its field. */
export const cardWith = async (browser, url, grains) => {
  const context = await browser.newContext({ deviceScaleFactor: 4, viewport: { width: 1000, height: 800 } });
  const page = await context.newPage();
  await page.goto(`${url}/shelf/card`);
  const sizes = await page.evaluate((count) => {
    const card = document.querySelector('.scale-card');
    card.style.filter = 'brightness(0.86)';
    // The same pinch of grains each time: a linear congruential generator.
    let seed = 7;
    const random = () => { seed = (seed * 1103515245 + 12345) % 2147483648; return seed / 2147483648; };
    const placed = [];
    for (let i = 0; placed.length < count && i < 20 * count; i += 1) {
      const r = 0.25 + 0.35 * random();
      const grain = { x: 60 + 1 + 88 * random(), y: 30 + 1 + 58 * random(), r };
      if (placed.some((other) => Math.hypot(other.x - grain.x, other.y - grain.y) < other.r + r + 0.05)) continue;
      placed.push(grain);
      const circle = document.createElementNS('http://www.w3.org/2000/svg', 'circle');
      for (const [name, value] of Object.entries({ cx: grain.x, cy: grain.y, r, fill: '#4a3220' })) circle.setAttribute(name, String(value));
      card.append(circle);
    }
    return placed.map((grain) => 2000 * grain.r);
  }, grains);
  const picture = await page.locator('.scale-card').screenshot({ type: 'jpeg', quality: 92 });
  await context.close();
  const sorted = sizes.sort((a, b) => a - b);
  const volume = sorted.reduce((sum, d) => sum + d ** 3, 0);
  let below = 0;
  const median = sorted.find((d) => { below += d ** 3; return below >= volume / 2; });
  return { picture: { name: 'grounds.jpg', mimeType: 'image/jpeg', buffer: picture }, median };
};
