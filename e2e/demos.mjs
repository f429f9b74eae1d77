// The demos of the browser tests, made and started side by side; says that it is ready once all are.
import { createServer } from 'node:http';
import { root } from '../scripts/lib.mjs';
import { answering, start } from '../scripts/programs.mjs';
import { portsOf, readyPort, workers } from './ports.mjs';

const demos = Array.from({ length: workers }, (_, worker) => {
  const ports = portsOf(worker);
  const env = {
    ...process.env,
    SIRENE_PORT: String(ports.studio),
    SIRENE_DEMO_PORT: String(ports.demo),
    SIRENE_SMTP_PORT: String(ports.smtp),
    SIRENE_DATA: `${root}.sirene-test/data-${worker}`,
    SIRENE_BUILT: '1',
    SIRENE_SIGN_INS_PER_MINUTE: '1000',
  };
  return { child: start(['scripts/demo.mjs', '--fresh'], env), ports };
});
const stop = () => {
  for (const { child } of demos) child.kill('SIGTERM');
  process.exit();
};
process.on('SIGTERM', stop);
process.on('SIGINT', stop);
for (const { child } of demos) child.on('exit', stop);
await Promise.all(demos.map(({ ports }) => answering(`http://localhost:${ports.studio}/health`, 120)));
createServer((_, response) => response.end('ready')).listen(readyPort);
