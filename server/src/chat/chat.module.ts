import { Module } from '@nestjs/common';
import { CollectModule } from '../collect/collect.module.js';
import { FilesModule } from '../files/files.module.js';
import { LeadsModule } from '../leads/leads.module.js';
import { AddressLimit } from './address-limit.js';
import { AnswerMails } from './answer-mails.js';
import { Assigning } from './assigning.js';
import { Automations } from './automations.js';
import { ChatSigns } from './chat.signs.js';
import { DeskGroupsController } from './desk-groups.controller.js';
import { DeskGroups } from './desk-groups.service.js';
import { DeskController } from './desk.controller.js';
import { DeskGateway } from './desk.gateway.js';
import { DeskService } from './desk.service.js';
import { HappeningsModule } from './happenings.module.js';
import { Identities } from './identities.js';
import { IdentityController } from './identity.controller.js';
import { PublishedChats } from './published-chats.js';
import { QuietChats } from './quiet-chats.js';
import { SitePresence } from './site-presence.js';
import { VisitorChatController } from './visitor-chat.controller.js';
import { VisitorChatService } from './visitor-chat.service.js';
import { VisitorPresence } from './visitor-presence.js';
import { VisitorGateway } from './visitor.gateway.js';

/** Conversations between visitors and the desk. */
@Module({
  imports: [HappeningsModule, CollectModule, FilesModule, LeadsModule],
  controllers: [VisitorChatController, DeskController, DeskGroupsController, IdentityController],
  providers: [
    VisitorGateway,
    DeskGateway,
    VisitorChatService,
    DeskService,
    PublishedChats,
    Assigning,
    Automations,
    DeskGroups,
    QuietChats,
    SitePresence,
    VisitorPresence,
    Identities,
    AnswerMails,
    AddressLimit,
    ChatSigns,
  ],
  exports: [QuietChats, PublishedChats, Assigning, Automations, Identities],
})
export class ChatModule {}
