// What axe finds on a page, in both themes.
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

const axe = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

const EVERY = { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'] };
const COLOURS = { type: 'rule', values: ['color-contrast', 'link-in-text-block'] };

/** The dark theme is the same page in other colours, so there only what colours can break is looked at again. */
export const audit = async (page) => {
  await page.evaluate(axe);
  const said = [];
  // A link fades from one theme's colour to the other's; axe would read a colour in between.
  await page.addStyleTag({ content: '* { transition: none !important; }' });
  for (const [colorScheme, runOnly] of [['light', EVERY], ['dark', COLOURS]]) {
    await page.emulateMedia({ colorScheme });
    const { violations } = await page.evaluate((rules) => window.axe.run(document, { runOnly: rules, resultTypes: ['violations'], preload: false }), runOnly);
    said.push(...violations.map((one) => `${colorScheme}, ${one.id}: ${one.nodes.map((node) => `${node.target.join(' ')} (${node.any[0]?.message ?? ''})`).slice(0, 3).join(', ')}`));
  }
  await page.emulateMedia({ colorScheme: 'light' });
  return said;
};
