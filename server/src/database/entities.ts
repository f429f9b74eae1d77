import { MemberEntity, PasswordResetEntity, SessionEntity, UserEntity } from '../accounts/accounts.entity.js';
import { DeliveryEntity } from '../actions/actions.entity.js';
import { AssetEntity } from '../assets/assets.entity.js';
import { FileEntity } from '../files/files.entity.js';
import { OwnStarterEntity, ShelfItemEntity } from '../library/library.entity.js';
import { CodeEntity, SigningKeyEntity } from '../codes/codes.entity.js';
import { BridgedEntity } from '../bridge/bridge.entity.js';
import { ChatMessageEntity, ConversationEntity } from '../chat/chat.entity.js';
import { SubmissionViewEntity } from '../inbox/inbox.entity.js';
import { InvoiceEntity, InvoiceSettingsEntity } from '../invoices/invoices.entity.js';
import { LeadEntity, LeadEventEntity, LeadStageEntity } from '../leads/leads.entity.js';
import { ListEntity, ListEntryEntity, ListEventEntity } from '../lists/lists.entity.js';
import { InvitationEntity } from '../members/members.entity.js';
import { PageEntity } from '../pages/pages.entity.js';
import { PaymentEntity } from '../payments/payments.entity.js';
import {
  AliasEntity,
  MergeEntity,
  NoteEntity,
  PersonEntity,
  SubmissionEntity,
} from '../people/people.entity.js';
import { ServiceEntity } from '../services/services.entity.js';
import { SheetEntity, SheetRowEntity } from '../sheets/sheets.entity.js';
import { SeenPageEntity, SiteEntity } from '../sites/sites.entity.js';
import {
  MailEntity,
  TestHookEntity,
  TestMemberEntity,
  TestMessengerEntity,
  TestPaymentEntity,
  TestTextEntity,
} from '../standins/standins.entity.js';
import { SavedReplyEntity } from '../replies/replies.entity.js';
import { TryLinkEntity } from '../tries/tries.entity.js';
import { WebhookKeyEntity } from '../webhooks/webhooks.entity.js';
import { BodyEntity, CountEntity, VersionEntity, WidgetEntity } from '../widgets/widgets.entity.js';

/** Every table of the database. */
export const entities = [
  UserEntity,
  SessionEntity,
  PasswordResetEntity,
  MemberEntity,
  InvitationEntity,
  SiteEntity,
  SeenPageEntity,
  PageEntity,
  AssetEntity,
  OwnStarterEntity,
  ShelfItemEntity,
  WidgetEntity,
  VersionEntity,
  BodyEntity,
  CountEntity,
  PersonEntity,
  AliasEntity,
  MergeEntity,
  NoteEntity,
  SubmissionEntity,
  SubmissionViewEntity,
  FileEntity,
  DeliveryEntity,
  BridgedEntity,
  ConversationEntity,
  ChatMessageEntity,
  SavedReplyEntity,
  PaymentEntity,
  ServiceEntity,
  InvoiceEntity,
  InvoiceSettingsEntity,
  LeadStageEntity,
  LeadEntity,
  LeadEventEntity,
  SheetEntity,
  SheetRowEntity,
  ListEntity,
  ListEntryEntity,
  ListEventEntity,
  MailEntity,
  TryLinkEntity,
  CodeEntity,
  SigningKeyEntity,
  WebhookKeyEntity,
  TestHookEntity,
  TestPaymentEntity,
  TestMemberEntity,
  TestMessengerEntity,
  TestTextEntity,
];
