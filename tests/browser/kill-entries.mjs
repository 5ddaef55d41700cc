// Kills the server with -9 again and again under running brews, with a client that counts: every acknowledged entry must be stored
// once. The tests do it a few times; `node tests/browser/kill-entries.mjs 50` as often as asked.
import { randomUUID } from 'node:crypto';
import { request } from '@playwright/test';
import { open } from './conducting.mjs';
import { Server } from './server.mjs';

/** @returns {{acknowledged: number, missing: string[], twice: string[], kills: number}} */
export const killUnder = async (brews, kills) => {
  const server = new Server(true);
  await server.start();
  const ids = [];
  const browser = await request.newContext();
  for (let i = 0; i < brews; i += 1) ids.push(await open(browser, server, 'fp-bloomed'));
  await browser.dispose();
  const acknowledged = new Map();
  const waiting = new Map(ids.map((id) => [id, [{ id: randomUUID(), kind: 'start', step: 2, atMs: null, undoes: null }]]));
  let over = false;
  const press = async (id) => {
    while (!over) {
      const batch = waiting.get(id);
      try {
        const answer = await fetch(`${server.url}/api/brews/${id}/entries`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(batch) });
        if (answer.ok) {
          await answer.json();
          for (const entry of batch) acknowledged.set(entry.id, id);
          waiting.set(id, [{ id: randomUUID(), kind: 'still', step: 4, atMs: null, undoes: null }]);
        }
      } catch {
        // killed under it: the same is sent again, as a device does
      }
      await new Promise((wait) => setTimeout(wait, 60));
    }
  };
  const hands = ids.map(press);
  for (let i = 0; i < kills; i += 1) {
    // In the middle of it, however long a busy machine takes to get there.
    const before = acknowledged.size;
    for (let waited = 0; waited < 20_000 && acknowledged.size <= before + brews; waited += 100) await new Promise((wait) => setTimeout(wait, 100));
    await new Promise((wait) => setTimeout(wait, Math.random() * 500));
    await server.kill();
    await server.start();
  }
  over = true;
  await Promise.all(hands);
  const seen = (await (await fetch(`${server.url}/api/under-way`)).json()).brews.flatMap((brew) => brew.entries.map((entry) => `${brew.id} ${entry.id}`));
  const counted = new Map();
  for (const one of seen) counted.set(one, (counted.get(one) ?? 0) + 1);
  const shown = new Set(seen.map((one) => one.split(' ')[0]));
  const mine = [...acknowledged].filter(([, brew]) => shown.has(String(brew)));
  await server.kill();
  return {
    acknowledged: mine.length,
    missing: mine.filter(([entry, brew]) => !counted.has(`${brew} ${entry}`)).map(([entry]) => entry),
    twice: [...counted].filter(([, times]) => times > 1).map(([one]) => one),
    kills,
  };
};

if (process.argv[1] === import.meta.filename) {
  const result = await killUnder(20, Number(process.argv[2] ?? 50));
  console.log(JSON.stringify(result, null, 2));
  process.exit(result.missing.length + result.twice.length === 0 ? 0 : 1);
}
