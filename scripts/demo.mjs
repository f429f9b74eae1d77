// npm run demo: installs what is missing, builds, makes the demo data and serves studio and demo site.
// npm run demo -- --fresh starts with new demo data.
import { rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { join, resolve } from 'node:path';
import { buildAll } from './build-all.mjs';
import { ensureDemoData, ensurePackages, root, say, together } from './lib.mjs';

const port = Number(process.env.SIRENE_PORT || 4300);
const demoPort = Number(process.env.SIRENE_DEMO_PORT || 4310);
const smtpPort = Number(process.env.SIRENE_SMTP_PORT || 4325);
const hookPort = Number(process.env.SIRENE_TEST_WEBHOOK_PORT || smtpPort + 1);
const paymentPort = Number(process.env.SIRENE_TEST_PAYMENT_PORT || smtpPort + 2);
const memberPort = Number(process.env.SIRENE_TEST_MEMBER_PORT || smtpPort + 3);
const messengerPort = Number(process.env.SIRENE_TEST_MESSENGER_PORT || smtpPort + 4);
const data = resolve(root, process.env.SIRENE_DATA || 'data');

await refuseTaken([
  [port, 'SIRENE_PORT', 'the studio'],
  [demoPort, 'SIRENE_DEMO_PORT', 'the demo site'],
  [smtpPort, 'SIRENE_SMTP_PORT', 'the mail stand-in'],
  [hookPort, 'SIRENE_TEST_WEBHOOK_PORT', 'the webhook stand-in'],
  [paymentPort, 'SIRENE_TEST_PAYMENT_PORT', 'the payment stand-in'],
  [memberPort, 'SIRENE_TEST_MEMBER_PORT', 'the stand-in for member services'],
  [messengerPort, 'SIRENE_TEST_MESSENGER_PORT', 'the stand-in for messengers'],
]);
ensurePackages();
if (!process.env.SIRENE_BUILT) buildAll();

const env = {
  ...process.env,
  SIRENE_PORT: String(port),
  SIRENE_DEMO_PORT: String(demoPort),
  SIRENE_SMTP_PORT: String(smtpPort),
  SIRENE_TEST_WEBHOOK_PORT: String(hookPort),
  SIRENE_TEST_PAYMENT_PORT: String(paymentPort),
  SIRENE_TEST_MEMBER_PORT: String(memberPort),
  SIRENE_TEST_MESSENGER_PORT: String(messengerPort),
  SIRENE_DATA: data,
  SIRENE_DEMO: '1',
  // The demo's site is on this very machine: its pages may be fetched all the same.
  SIRENE_PRIVATE_HOSTS: process.env.SIRENE_PRIVATE_HOSTS ?? `localhost:${demoPort}`,
};
if (process.argv.includes('--fresh')) {
  for (const end of ['', '-wal', '-shm']) rmSync(join(data, `sirene.db${end}`), { force: true });
}
ensureDemoData(data, env);
say('Starting the studio and the demo site (Ctrl C stops both)');
together([
  { command: process.execPath, args: ['server/dist/main.js'], env },
  { command: process.execPath, args: ['demo/dist/serve.js'], env },
]);

async function refuseTaken(ports) {
  for (const [number, name, use] of ports) {
    const free = await new Promise((done) => {
      const probe = createServer()
        .once('error', () => done(false))
        .once('listening', () => probe.close(() => done(true)))
        .listen(number);
    });
    if (!free) {
      console.error(
        `Port ${number}, for ${use}, is taken. Stop what uses it, or choose another with ${name}.`,
      );
      process.exit(1);
    }
  }
}
