import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';

const workers = 2;

// Each worker has a demo of its own, on ports of its own: what one does to its data, the other never sees.
const portsOf = (worker: number) => ({
  studio: 4400 + worker * 20,
  demo: 4410 + worker * 20,
  smtp: 4415 + worker * 20,
});

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
  webServer: Array.from({ length: workers }, (_, worker) => {
    const ports = portsOf(worker);
    return {
      command: 'node ../scripts/demo.mjs --fresh',
      url: `http://localhost:${ports.studio}/health`,
      timeout: 180_000,
      env: {
        SIRENE_PORT: String(ports.studio),
        SIRENE_DEMO_PORT: String(ports.demo),
        SIRENE_SMTP_PORT: String(ports.smtp),
        SIRENE_DATA: `.sirene-test/data-${worker}`,
        SIRENE_BUILT: '1',
        SIRENE_SIGN_INS_PER_MINUTE: '1000',
      },
    };
  }),
});
