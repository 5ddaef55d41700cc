// Draws the icons of the installed application from icon.svg: node tools/icons.mjs, with the packages of the browser tests.
import { readFileSync } from 'node:fs';
import { chromium } from '../tests/browser/node_modules/playwright/index.mjs';
import { WHOLE } from '../tests/browser/browser.mjs';

const root = new URL('../src/Cistern.Web/wwwroot/', import.meta.url);
const svg = readFileSync(new URL('icon.svg', root), 'utf8');
const browser = await chromium.launch({ executablePath: WHOLE, args: ['--no-sandbox'] });
// A mask may cut off a fifth on each side, so that icon is drawn smaller on a background.
for (const [name, size, share, ground] of [['icon-192', 192, 1, 'transparent'], ['icon-512', 512, 1, 'transparent'], ['icon-maskable', 512, 0.62, '#F6F3EC']]) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  const edge = Math.round((size * (1 - share)) / 2);
  await page.setContent(`<style>html,body{margin:0;background:${ground}}svg{position:absolute;left:${edge}px;top:${edge}px;width:${size - 2 * edge}px;height:${size - 2 * edge}px}</style>${svg}`);
  await page.screenshot({ path: new URL(`${name}.png`, root).pathname, omitBackground: true });
  await page.close();
}
await browser.close();
