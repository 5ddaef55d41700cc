// The demo data is made once: each server that wants it starts from a copy.
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Server } from './server.mjs';

export default async () => {
  const data = join(mkdtempSync(join(tmpdir(), 'cistern-bench-')), 'bench.db');
  const server = new Server(true, data);
  // Slightly before all of the tests begin.
  server.ahead = -300;
  await server.start();
  await server.stop();
  process.env.CISTERN_TEST_BENCH = data;
};
