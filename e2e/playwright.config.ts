import { defineConfig } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';

// Ports of their own, so that a demo that runs beside the tests is left alone.
const ports = { studio: 4400, demo: 4410, smtp: 4425 };

process.env['STUDIO'] = `http://localhost:${ports.studio}`;
process.env['DEMO'] = `http://localhost:${ports.demo}`;

export default defineConfig({
  testDir: 'tests',
  workers: 1,
  retries: 0,
  timeout: 60_000,
  expect: { timeout: 10_000 },
  reporter: [['list'], ['json', { outputFile: '../.sirene-test/pages.json' }]],
  outputDir: '../.sirene-test/pages',
  use: {
    baseURL: process.env['STUDIO'],
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: 'reduce' },
    trace: 'retain-on-failure',
    launchOptions: chromiumOptions,
  },
  webServer: {
    command: 'node ../scripts/demo.mjs --fresh',
    url: `${process.env['STUDIO']}/health`,
    timeout: 180_000,
    env: {
      SIRENE_PORT: String(ports.studio),
      SIRENE_DEMO_PORT: String(ports.demo),
      SIRENE_SMTP_PORT: String(ports.smtp),
      SIRENE_DATA: '.sirene-test/data',
      SIRENE_BUILT: '1',
      SIRENE_SIGN_INS_PER_MINUTE: '1000',
    },
  },
});
