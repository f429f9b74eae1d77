import 'reflect-metadata';
import { AccountsService, demoUser } from './accounts/accounts.service.js';
import { createApp, startApp } from './app.js';
import { ConfigError, readConfig } from './config.js';

function explain(error: unknown): string {
  const { code, port, message } = error as { code?: string; port?: number; message?: string };
  if (code === 'EADDRINUSE') {
    return `Port ${port} is taken. Stop what uses it, or choose another with SIRENE_PORT (studio) or SIRENE_SMTP_PORT (mail stand-in).`;
  }
  return error instanceof ConfigError ? error.message : `Sirene could not start: ${message ?? String(error)}`;
}

// A way to add to what every object inherits, should one be found, fails the request that tries and nobody else's.
Object.preventExtensions(Object.prototype);

try {
  const config = readConfig(process.env);
  const app = await createApp(config);
  const accounts = app.get(AccountsService);
  if (config.demo && !(await accounts.byEmail(demoUser.email)))
    await accounts.create(demoUser.email, demoUser.name, null);
  await startApp(app, config);
  console.log(`Sirene is ready: ${config.origin}`);
  const code = await accounts.offerSetUp();
  if (code)
    console.log(`Nobody has an account yet. Open ${config.origin} and make yours with this code: ${code}`);
} catch (error) {
  console.error(explain(error));
  process.exit(1);
}
