import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';

const source = readFileSync(new URL('../../src/Cistern.Web/wwwroot/js/clock.js', import.meta.url), 'utf8');
const { clock } = await import(`data:text/javascript,${encodeURIComponent(source)}`);
const cases = JSON.parse(readFileSync(new URL('../cases/clock.json', import.meta.url), 'utf8'));

test('the script formats every time as the server does', () => {
  for (const [seconds, told] of cases) expect(clock(seconds), `${seconds} s`).toBe(told);
});
