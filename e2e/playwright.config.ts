import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';
import { portsOf, readyPort, workers } from './ports.mjs';

const own = portsOf(Number(process.env['TEST_PARALLEL_INDEX'] ?? 0));
process.env['STUDIO'] = `http://localhost:${own.studio}`;
process.env['DEMO'] = `http://localhost:${own.demo}`;

export default defineConfig({
  testDir: 'tests',
  workers,
  retries: 0,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json', { outputFile: '../.sirene-test/pages.json' }]],
  outputDir: '../.sirene-test/pages',
  use: {
    baseURL: process.env['STUDIO'],
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: 'reduce' },
    // A trace costs as much again as the test; with SIRENE_TRACE a failed one is run again with it.
    trace: process.env['SIRENE_TRACE'] ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
    launchOptions: chromiumOptions,
  },
  webServer: {
    command: 'node demos.mjs',
    url: `http://localhost:${readyPort}`,
    timeout: 180_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
});
