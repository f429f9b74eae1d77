// Brings a site archive into the data folder: node dist/import.js ARCHIVE.json [E-MAIL OF THE OWNER]
import 'reflect-metadata';
import { readFile } from 'node:fs/promises';
import { NestFactory } from '@nestjs/core';
import { AccountsService, demoUser } from './accounts/accounts.service.js';
import { AppModule } from './app.module.js';
import { ArchiveService } from './archive/archive.service.js';
import { readConfig } from './config.js';

const [file, email = demoUser.email] = process.argv.slice(2);
if (!file) {
  console.error('Name the archive to bring in: node dist/import.js ARCHIVE.json [E-MAIL OF THE OWNER]');
  process.exit(1);
}
const archives = JSON.parse(await readFile(file, 'utf8')) as unknown[];
const app = await NestFactory.createApplicationContext(AppModule.with(readConfig(process.env)), {
  logger: ['error', 'warn'],
});
const accounts = app.get(AccountsService);
const owner = (await accounts.byEmail(email)) ?? (await accounts.create(email, demoUser.name, null));
for (const input of archives) {
  const archive = await app.get(ArchiveService).bring(input, owner);
  console.log(
    `${archive.site.name}: ${archive.widgets.length} widgets, ${archive.submissions.length} submissions`,
  );
}
await app.close();
