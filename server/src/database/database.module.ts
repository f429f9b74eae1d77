import { mkdirSync } from 'node:fs';
import { Global, Module, type OnApplicationShutdown } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { CONFIG, type Config } from '../config.js';
import { Connection } from './connection.js';
import { entities } from './entities.js';
import { GroupWriter } from './group-writer.js';
import { FirstSchema1764000000000 } from './migrations/1764000000000-first-schema.js';
import { AssetsAndShelf1764100000000 } from './migrations/1764100000000-assets-and-shelf.js';
import { AssetKinds1764400000000 } from './migrations/1764400000000-asset-kinds.js';
import { FirstDay1764300000000 } from './migrations/1764300000000-first-day.js';
import { RulesOfASite1764500000000 } from './migrations/1764500000000-rules-of-a-site.js';
import { Tries1764600000000 } from './migrations/1764600000000-tries.js';
import { Codes1764700000000 } from './migrations/1764700000000-codes.js';
import { Webhooks1764800000000 } from './migrations/1764800000000-webhooks.js';
import { HeldSubmissions1764900000000 } from './migrations/1764900000000-held-submissions.js';
import { Lists1765000000000 } from './migrations/1765000000000-lists.js';
import { Leads1765100000000 } from './migrations/1765100000000-leads.js';
import { Sheets1765200000000 } from './migrations/1765200000000-sheets.js';
import { Files1765300000000 } from './migrations/1765300000000-files.js';
import { FailedDeliveries1765400000000 } from './migrations/1765400000000-failed-deliveries.js';
import { Payments1765500000000 } from './migrations/1765500000000-payments.js';
import { Invoices1765600000000 } from './migrations/1765600000000-invoices.js';
import { Persons1765700000000 } from './migrations/1765700000000-persons.js';
import { Inbox1765800000000 } from './migrations/1765800000000-inbox.js';
import { Chat1766000000000 } from './migrations/1766000000000-chat.js';
import { Replies1766100000000 } from './migrations/1766100000000-replies.js';
import { ChatAtWork1766200000000 } from './migrations/1766200000000-chat-at-work.js';
import { Bridge1766300000000 } from './migrations/1766300000000-bridge.js';
import { MemberChat1766400000000 } from './migrations/1766400000000-member-chat.js';
import { Automations1766500000000 } from './migrations/1766500000000-automations.js';
import { Search1765900000000 } from './migrations/1765900000000-search.js';
import { HeartbeatAndQueue1764200000000 } from './migrations/1764200000000-heartbeat-and-queue.js';
import { databaseIn, prepareDatabase } from './prepare.js';
import { Transactions } from './transactions.js';

async function openDatabase(config: Config): Promise<DataSource> {
  mkdirSync(config.data, { recursive: true });
  return new DataSource({
    type: 'better-sqlite3',
    database: databaseIn(config.data),
    entities,
    migrations: [
      FirstSchema1764000000000,
      AssetsAndShelf1764100000000,
      HeartbeatAndQueue1764200000000,
      FirstDay1764300000000,
      AssetKinds1764400000000,
      RulesOfASite1764500000000,
      Tries1764600000000,
      Codes1764700000000,
      Webhooks1764800000000,
      HeldSubmissions1764900000000,
      Lists1765000000000,
      Leads1765100000000,
      Sheets1765200000000,
      Files1765300000000,
      FailedDeliveries1765400000000,
      Payments1765500000000,
      Invoices1765600000000,
      Persons1765700000000,
      Inbox1765800000000,
      Search1765900000000,
      Chat1766000000000,
      Replies1766100000000,
      ChatAtWork1766200000000,
      Bridge1766300000000,
      MemberChat1766400000000,
      Automations1766500000000,
    ],
    migrationsRun: true,
    statementCacheSize: 200,
    prepareDatabase,
  }).initialize();
}

@Global()
@Module({
  providers: [
    { provide: DataSource, useFactory: openDatabase, inject: [CONFIG] },
    Connection,
    Transactions,
    GroupWriter,
  ],
  exports: [DataSource, Connection, Transactions, GroupWriter],
})
export class DatabaseModule implements OnApplicationShutdown {
  constructor(private readonly dataSource: DataSource) {}

  async onApplicationShutdown(): Promise<void> {
    await this.dataSource.destroy();
  }
}
