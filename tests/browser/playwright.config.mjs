import { defineConfig } from '@playwright/test';
import { ARGUMENTS, LIGHT } from './browser.mjs';

export default defineConfig({
  testDir: '.',
  globalSetup: './setup.mjs',
  // A slow machine is not a fault: what hangs is stopped, what is only slow is not.
  timeout: 120_000,
  expect: { timeout: 15_000 },
  // More workers than cores: most of a brew is waiting.
  workers: 3,
  // Machines are noisy: one retry, reported as flaky.
  retries: 1,
  fullyParallel: false,
  reporter: [['list']],
  use: {
    viewport: { width: 1280, height: 800 },
    // Half of the cost of a page is what its service worker stores of it; tests of the worker allow it.
    serviceWorkers: 'block',
    launchOptions: { executablePath: LIGHT, args: ARGUMENTS },
  },
});
