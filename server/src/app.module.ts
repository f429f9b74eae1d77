import { Module, type DynamicModule } from '@nestjs/common';
import { AccountsModule } from './accounts/accounts.module.js';
import { ActionsModule } from './actions/actions.module.js';
import { ArchiveModule } from './archive/archive.module.js';
import { AssetsModule } from './assets/assets.module.js';
import { BrandModule } from './brand/brand.module.js';
import { BridgeModule } from './bridge/bridge.module.js';
import { ChatModule } from './chat/chat.module.js';
import { CollectModule } from './collect/collect.module.js';
import { CLOCK, CONFIG, type Config, type ServerClock } from './config.js';
import { DatabaseModule } from './database/database.module.js';
import { ServingModule } from './serving/serving.module.js';
import { CodesModule } from './codes/codes.module.js';
import { TriesModule } from './tries/tries.module.js';
import { FilesModule } from './files/files.module.js';
import { ForeignModule } from './foreign/foreign.module.js';
import { HealthModule } from './health/health.module.js';
import { HostedModule } from './hosted/hosted.module.js';
import { InboxModule } from './inbox/inbox.module.js';
import { SearchModule } from './search/search.module.js';
import { InvoicesModule } from './invoices/invoices.module.js';
import { LeadsModule } from './leads/leads.module.js';
import { ListsModule } from './lists/lists.module.js';
import { LibraryModule } from './library/library.module.js';
import { MailModule } from './mail/mail.module.js';
import { MemberChatModule } from './member-chat/member-chat.module.js';
import { MembersModule } from './members/members.module.js';
import { NetModule } from './net/net.module.js';
import { PagesModule } from './pages/pages.module.js';
import { PaymentsModule } from './payments/payments.module.js';
import { PeopleModule } from './people/people.module.js';
import { RepliesModule } from './replies/replies.module.js';
import { ServicesModule } from './services/services.module.js';
import { SheetsModule } from './sheets/sheets.module.js';
import { SitesModule } from './sites/sites.module.js';
import { StandinsModule } from './standins/standins.module.js';
import { VaultModule } from './vault/vault.module.js';
import { WebhooksModule } from './webhooks/webhooks.module.js';
import { WidgetsModule } from './widgets/widgets.module.js';

const systemClock: ServerClock = { now: () => Date.now() };

@Module({})
export class AppModule {
  /** The whole server for one configuration; tests bring a clock of their own. */
  static with(config: Config, clock: ServerClock = systemClock): DynamicModule {
    return {
      module: AppModule,
      imports: [
        settings(config, clock),
        DatabaseModule,
        ForeignModule,
        MailModule,
        NetModule,
        VaultModule,
        WebhooksModule,
        AccountsModule,
        SitesModule,
        MembersModule,
        WidgetsModule,
        PagesModule,
        AssetsModule,
        BrandModule,
        LibraryModule,
        HostedModule,
        ServingModule,
        TriesModule,
        CodesModule,
        FilesModule,
        ChatModule,
        BridgeModule,
        MemberChatModule,
        RepliesModule,
        CollectModule,
        PeopleModule,
        InboxModule,
        SearchModule,
        ListsModule,
        LeadsModule,
        InvoicesModule,
        SheetsModule,
        ServicesModule,
        PaymentsModule,
        ActionsModule,
        StandinsModule,
        ArchiveModule,
        HealthModule,
      ],
    };
  }
}

class SettingsModule {}

function settings(config: Config, clock: ServerClock): DynamicModule {
  const providers = [
    { provide: CONFIG, useValue: config },
    { provide: CLOCK, useValue: clock },
  ];
  return { module: SettingsModule, global: true, providers, exports: providers };
}
