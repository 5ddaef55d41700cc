import { defineConfig } from '@playwright/test';
import { ARGUMENTS, LIGHT } from './browser.mjs';

export default defineConfig({
  testDir: '.',
  globalSetup: './setup.mjs',
  // A slow machine is no fault: what hangs is stopped, what is only slow is not.
  timeout: 120_000,
  expect: { timeout: 15_000 },
  // More than there are cores: a brew is mostly waited for.
  workers: 3,
  // Machines are noisy: one more try, told as flaky in the report.
  retries: 1,
  fullyParallel: false,
  reporter: [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    // Half of what a page costs is what its worker keeps of it; tests that are about the worker let it in.
    serviceWorkers: 'block',
    launchOptions: { executablePath: LIGHT, args: ARGUMENTS },
  },
});
