import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { idle } from './conducting.mjs';
import { expect, test } from './server.mjs';

const recipes = JSON.parse(readFileSync(resolve(import.meta.dirname, '../../src/Cistern.Core/Recipes/Library/recipes.json'), 'utf8'));

const errors = (page) => {
  const seen = [];
  page.on('pageerror', (error) => seen.push(error.message));
  page.on('console', (message) => { if (message.type() === 'error') seen.push(message.text()); });
  return seen;
};

/** Takes a handle of a step's bar and pulls it by so many pixels. */
const pull = async (page, step, end, byPx) => {
  const handle = page.locator(`.chart-wide .bar-end[data-step="${step}"][data-end="${end}"]`);
  // A font that arrives late moves the page under the pointer; the hover waits until the handle is stable.
  await page.evaluate(() => document.fonts.ready);
  await handle.hover();
  const box = await handle.boundingBox();
  const previewed = page.waitForResponse((one) => /preview/.test(one.request().postData() ?? ''));
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + byPx, box.y + box.height / 2, { steps: 8 });
  // It is shown for as long as the handle is held, also after the answers to its previews arrived.
  await expect(page.locator('#drag-says')).not.toBeEmpty();
  await previewed;
  await expect(page.locator('#drag-says')).not.toBeEmpty();
  await page.mouse.up();
  await expect(page.locator('#drag-says')).toBeEmpty();
};

// They are independent of one another.
test.describe.configure({ mode: 'parallel' });

test('a wait is made longer by dragging on the brew chart, undone and redone', async ({ page, server }) => {
  const seen = errors(page);
  await page.goto(`${server.url}/plan/vd-coffee-first`);
  const strength = page.locator('.figures .figure').first();
  const before = Number(await strength.textContent());
  const stir = recipes.find((one) => one.id === 'vd-coffee-first').steps.findLastIndex((step) => step.do === 'stir');
  await expect(page.locator(`#step-${stir}`)).toHaveText('3:00');
  await pull(page, stir, 'begin', 90);
  // Previews come first; only what is saved can be undone.
  await expect(page.locator('#undo')).toHaveAttribute('aria-label', /stir at/);
  const held = await page.locator(`#step-${stir}`).textContent();
  expect(held).not.toBe('3:00');
  await expect.poll(async () => Number(await strength.textContent())).toBeGreaterThan(before);
  await expect(page.locator('.chart-ghost').first()).toBeVisible();
  await expect(page).toHaveURL(/\/plan\/\d+$/);

  await page.keyboard.press('Control+z');
  await expect(page.locator(`#step-${stir}`)).toHaveText('3:00');
  await page.keyboard.press('Control+y');
  await expect(page.locator(`#step-${stir}`)).toHaveText(held);
  await page.reload();
  await expect(page.locator(`#step-${stir}`)).toHaveText(held);
  await page.keyboard.press('Control+z');
  await expect(page.locator(`#step-${stir}`)).toHaveText('3:00');
  expect(seen).toEqual([]);
});

test('the focus is where something was asked or done, and letters can be switched off', async ({ page, server }) => {
  await page.goto(`${server.url}/plan/fp-bloomed`);
  // The result is shown where it was asked for, on a phone too.
  await page.setViewportSize({ width: 390, height: 780 });
  await page.locator('#part-find > summary').click();
  await page.locator('#ask-value').fill('1.25');
  await page.locator('#find').focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('#answer')).toBeFocused();
  await expect(page.locator('#answer')).toBeInViewport();
  // The last undo is used up: the focus moves to redo beside it.
  await page.locator('#undo').focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('#undo')).toBeDisabled();
  await expect(page.locator('#redo')).toBeFocused();
  // An inserted step is open and has the focus; after it is removed, the step now in its place has it.
  await page.locator('#step-3').focus();
  await page.keyboard.press('Enter');
  await page.locator('#verb').selectOption('stir');
  await page.getByRole('button', { name: 'Put it after this' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('#step-4')).toHaveAttribute('aria-expanded', 'true');
  await expect(page.locator('#step-4')).toBeFocused();
  await page.getByRole('button', { name: 'Remove it' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('.strip-row.is-open')).toHaveCount(0);
  await expect.poll(() => page.evaluate(() => document.activeElement.id)).toMatch(/^step-/);
  // Ten steps with Shift.
  const dose = Number(await page.locator('#dose').inputValue());
  await page.locator('#dose').focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expect(page.locator('#dose')).toHaveValue((dose + 10).toFixed(1));
  // Enter in the name saves it.
  await page.locator('#keep-name').fill('Kept by Enter');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Kept by Enter' })).toBeVisible();

  await page.locator('#show-keys').click();
  await page.locator('#letters').uncheck();
  await page.getByRole('button', { name: 'Close' }).click();
  const here = page.url();
  await page.locator('body').press('l');
  await idle(page);
  expect(page.url()).toBe(here);
  await page.reload();
  await page.locator('body').press('l');
  await idle(page);
  expect(page.url()).toBe(here);
  await page.locator('#show-keys').click();
  await page.locator('#letters').check();
  await page.getByRole('button', { name: 'Close' }).click();
  await page.locator('body').press('l');
  await page.waitForURL(/\/log$/);
});

test('steps are opened, changed, inserted, moved and removed by keyboard only', async ({ page, server }) => {
  const seen = errors(page);
  await page.goto(`${server.url}/plan/fp-bloomed`);
  const pour = recipes.find((one) => one.id === 'fp-bloomed').steps.findIndex((step) => step.do === 'pour');
  await page.locator(`#step-${pour}`).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator(`#step-${pour}`)).toHaveAttribute('aria-expanded', 'true');
  const takes = page.locator('[id="s.overS"]');
  const seconds = Number(await takes.inputValue());
  await takes.focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('ArrowUp');
  await expect(page.locator('#undo')).toHaveAttribute('aria-label', new RegExp(`, ${seconds + 3} s`));
  await expect(takes).toHaveValue(String(seconds + 3));

  await page.locator('#verb').selectOption('smell');
  await page.getByRole('button', { name: 'Put it after this' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator(`#step-${pour + 1}`)).toHaveAttribute('aria-label', /Smell/);
  await expect(page.locator(`#step-${pour + 1}`)).toHaveAttribute('aria-expanded', 'true');
  await page.getByRole('button', { name: 'After the one below' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator(`#step-${pour + 2}`)).toHaveAttribute('aria-label', /Smell/);
  await page.getByRole('button', { name: 'Remove it' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.locator('.strip-open')).toHaveCount(recipes.find((one) => one.id === 'fp-bloomed').steps.length);
  expect(seen).toEqual([]);
});

test('quick presses all count, and what is being typed is not lost to an answer', async ({ page, server }) => {
  await page.goto(`${server.url}/plan/fp-water-first`);
  await page.locator('#dose-more').evaluate((button) => { for (let i = 0; i < 5; i += 1) button.click(); });
  await expect(page.locator('#dose')).toHaveValue('29.0');
  await page.locator('#kettle').fill('91');
  await page.keyboard.press('Tab');
  await page.locator('#release').focus();
  await page.keyboard.press('Control+a');
  await page.keyboard.type('5:05', { delay: 150 });
  await page.keyboard.press('Enter');
  await expect(page.locator('#undo')).toHaveAttribute('aria-label', /steep until 5:05/);
  await expect(page.locator('#kettle')).toHaveValue('91');
});

test('the recipes with the most to print fit one side of A6 and of A5', async ({ page, server }) => {
  // In units of its type A5 has 2 % less room than A6, so fewer are printed on both.
  const longest = [...recipes].sort((a, b) => JSON.stringify(b.steps).length - JSON.stringify(a.steps).length).slice(0, 8);
  for (const [i, { id }] of longest.entries()) {
    for (const [size, width] of i < 3 ? [['a6', 298], ['a5', 420]] : [['a5', 420]]) {
      await page.goto(`${server.url}/plan/${id}/card?size=${size}`);
      const pdf = (await page.pdf({ preferCSSPageSize: true })).toString('latin1');
      expect.soft(pdf.match(/\/Type\s*\/Page\b/g)?.length, `${id} on ${size}`).toBe(1);
      expect.soft(Math.round(Number(pdf.match(/MediaBox\s*\[0 0 ([\d.]+)/)[1])), `${id} on ${size}`).toBe(width);
    }
  }
});

test('an item of the shelf is changed in its place in the list', async ({ page, server }) => {
  const seen = errors(page);
  await page.goto(`${server.url}/shelf`);
  await page.getByRole('link', { name: 'Change Hut grinder' }).focus();
  await page.keyboard.press('Enter');
  // The form that opens has the focus; then an invalid field; after saving, the item has it again.
  await expect(page.locator('#mill #name')).toBeFocused();
  await page.locator('#mill #most').fill('99999');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.locator('#most-problem')).toBeVisible();
  await expect(page.locator('#most')).toBeFocused();
  await expect(page.locator('#most')).toHaveValue('99999');
  await page.locator('#most').fill('7');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.locator('#mill')).toContainText('turns 0 to 7 by 0.25');
  await expect(page.getByRole('link', { name: 'Change Hut grinder' })).toBeFocused();
  await expect(page).toHaveURL(/\/shelf$/);
  await page.getByRole('button', { name: 'Delete Short cup' }).click();
  await expect(page.locator('.notice')).toContainText('Short cup has been deleted');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.locator('#server')).toContainText('Short cup');
  expect(seen.filter((text) => !/422/.test(text))).toEqual([]);
});

test('without scripts a plan is changed, its steps edited, and saved', async ({ browser, server }) => {
  const context = await browser.newContext({ javaScriptEnabled: false });
  const page = await context.newPage();
  // Enter in a number applies it, and leaves coffee, grinder and brewer unchanged.
  await page.goto(`${server.url}/plan/fp-bloomed`);
  const bag = await page.locator('select[name=bag]').inputValue();
  expect(bag).not.toBe('');
  await page.locator('#dose').fill('31');
  await page.locator('#dose').press('Enter');
  await expect(page.locator('#dose')).toHaveValue('31.0');
  expect(await page.locator('select[name=bag]').inputValue()).toBe(bag);
  await page.goto(`${server.url}/plan/jar-spoons`);
  await page.locator('#dose-more').click();
  await expect(page.locator('#dose')).not.toHaveValue('26.0');
  await page.locator('#step-1').click();
  await page.locator('[id="s.overS"]').fill('abc');
  await page.locator('#work-out').click();
  await expect(page.locator('[id="s.overS-problem"]')).toBeVisible();
  await page.locator('[id="s.overS"]').fill('22');
  await page.locator('#work-out').click();
  await expect(page.locator('#step-1')).toHaveAttribute('aria-label', /22 s/);
  await page.locator('#ask-value').fill('1.6');
  await page.locator('#find').click();
  await expect(page.locator('#answer')).toContainText('gives 1.');
  await page.locator('#undo').click();
  await expect(page.locator('#redo')).toBeEnabled();
  // On a phone, too, a chosen bag can be applied.
  await page.setViewportSize({ width: 390, height: 780 });
  await page.locator('#bag').selectOption({ label: 'Blue Ferry' });
  await page.locator('#work-out').click();
  await expect(page.locator('#plan-set')).toContainText('5 days since roasting');
  await context.close();
});

test('a change whose answer is lost on its way counts once', async ({ page, server }) => {
  await page.goto(`${server.url}/plan/fp-bloomed`);
  await expect(page.locator('#dose')).toHaveValue('27.0');
  let lost = 0;
  await page.route('**/plan/**', async (route) => {
    if (route.request().method() !== 'POST' || lost > 0) return route.continue();
    lost += 1;
    await route.fetch();
    return route.abort();
  });
  await page.locator('#dose-more, [name=do][value="dose+"]').first().click();
  await expect(page.locator('#plan-says')).toContainText('cannot be reached');
  await expect(page.locator('#undo')).toBeEnabled();
  await expect(page.locator('#dose')).toHaveValue('28.0');
  expect(lost).toBe(1);
  await page.locator('#undo').click();
  await expect(page.locator('#dose')).toHaveValue('27.0');
  await expect(page.locator('#undo')).toBeDisabled();
});

test('Enter applies a number and presses no button; in a new step it inserts it; Ctrl Z undoes while nothing is being typed', async ({ page, server }) => {
  // A recipe that names its equipment, so that its first button would be "as written".
  await page.goto(`${server.url}/plan/fp-bloomed`);
  const coffee = await page.locator('select[name=bag]').inputValue();
  await page.locator('#dose').fill('31');
  await page.locator('#dose').press('Enter');
  await expect(page).toHaveURL(/\/plan\/\d+$/);
  await expect(page.locator('#dose')).toHaveValue('31.0');
  expect(await page.locator('select[name=bag]').inputValue()).toBe(coffee);
  const steps = await page.locator('.strip-open').count();
  await page.locator('select[name=put]').selectOption('swirl');
  await page.locator('[name="put.at"]').fill('1:30');
  await page.locator('[name="put.at"]').press('Enter');
  await expect(page.locator('.strip-open')).toHaveCount(steps + 1);
  // The focus is in a field; nothing is typed in it.
  await page.locator('#dose').focus();
  await page.keyboard.press('Control+z');
  await expect(page.locator('.strip-open')).toHaveCount(steps);
  await page.keyboard.press('Control+z');
  await expect(page.locator('#dose')).not.toHaveValue('31.0');
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
