// Counts what there is to read: `./cistern publish && node tools/words.mjs`. For each page of the demo: the visible words before
// anything is unfolded, the uses of words that the glossary has retired, and the sentences of over 25 words.
import { chromium } from '../tests/browser/node_modules/@playwright/test/index.mjs';
import { WHOLE } from '../tests/browser/browser.mjs';
import { Server } from '../tests/browser/server.mjs';

const LET_GO = /\b(mills?|tides?|tilt|let(?:ting)? down|foretold|foretells?|slack|slips?|rescues?|nudges?|descent|harsh|witness(?:es)?|keepers?|lay beside|charges?|at the hand|lots?|jobs?|releases?d?|drains?|drained|draining|drawn|sharp|leans?|leaning|schools?)\b/giu;
// Recipes and equipment are named by their authors.
// A press is leaned on and a plunger drawn back with the hand.
const NAMES = ['never lean on it', 'drawn back', 'drawn to', 'Tidewrack', 'Sharp corner'];
const LONGEST = 25;
const WORDS_OF_A_PLAN = 650;

const server = new Server(true, undefined, true);
await server.start();
const browser = await chromium.launch({ executablePath: WHOLE, args: ['--no-sandbox'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
const totals = { words: 0, letGo: 0, long: 0 };

const count = async (name) => {
  const text = await page.locator('main').evaluate((main) => {
    // Text in a closed list, and text for screen readers only, is not visible.
    const hidden = [...main.querySelectorAll('select, .sr-only')];
    hidden.forEach((one) => { one.dataset.was = one.style.display; one.style.display = 'none'; });
    const told = main.innerText;
    hidden.forEach((one) => { one.style.display = one.dataset.was; });
    return told;
  });
  const words = text.split(/\s+/).filter((word) => /\p{L}{2}/u.test(word));
  const plain = NAMES.reduce((told, one) => told.replaceAll(one, ''), text);
  const letGo = [...plain.matchAll(LET_GO)].map(([word]) => word.toLowerCase());
  // Facts separated by a dot are not a sentence.
  const long = text.split(/\n|\s·\s|(?<=[.!?;:])\s/).map((one) => one.trim()).filter((one) => one.split(/\s+/).length > LONGEST);
  totals.words += words.length;
  totals.letGo += letGo.length;
  totals.long += long.length;
  console.log(`${name.padEnd(22)} ${String(words.length).padStart(5)} words, ${letGo.length} let go${letGo.length > 0 ? ` (${[...new Set(letGo)].join(', ')})` : ''}, ${long.length} long`);
  if (process.argv.includes('--long')) long.forEach((one) => console.log(`    ${one}`));
  return words.length;
};

for (const address of ['/', '/plan', '/plan/fp-bloomed', '/plan/vd-coffee-first', '/plan/si-layers', '/plan/tp-turned', '/plan/jar-spoons', '/plan/fp-bloomed/card', '/taste/8', '/next/49', '/series/49', '/log', '/log/7', '/log/7/sheet', '/learned', '/trends', '/compare?b=19&b=20', '/pairs', '/pair/1', '/blind/1', '/shelf', '/shelf/coffee/1', '/shelf/mill/1', '/shelf/grind', '/shelf/grains', '/shelf/card', '/brew/7/after', '/brew/8/pictures', '/you', '/devices', '/help', '/files', '/brew/cues']) {
  const answer = await page.goto(server.url + address);
  if (!answer.ok()) {
    console.log(`${address.padEnd(22)} answers ${answer.status()}`);
    continue;
  }
  const words = await count(address);
  if (/^\/plan\/[a-z-]+$/.test(address) && words > WORDS_OF_A_PLAN) console.log(`    over ${WORDS_OF_A_PLAN}`);
}
await page.goto(`${server.url}/plan/fp-bloomed`);
await page.getByRole('button', { name: 'Brew this' }).click();
await page.waitForSelector('[data-ready]');
await count('a brew, before 0:00');
await page.locator('#start').click();
await page.waitForTimeout(900);
await count('a brew, pouring');
await server.advance(200);
await page.waitForTimeout(3_000);
await count('a brew, steeping');
console.log(`${totals.words} words, ${totals.letGo} uses of words let go, ${totals.long} sentences over ${LONGEST} words`);
await browser.close();
await server.kill();
