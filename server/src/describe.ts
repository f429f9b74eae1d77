// node dist/describe.js: writes out the description of the API, of a server that never listens.
import 'reflect-metadata';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp, describeApi } from './app.js';
import { readConfig } from './config.js';

const data = mkdtempSync(join(tmpdir(), 'sirene-api-'));
try {
  const app = await createApp(readConfig({ SIRENE_DATA: data }), { logger: false });
  process.stdout.write(JSON.stringify(describeApi(app)));
  await app.close();
} finally {
  rmSync(data, { recursive: true, force: true });
}
