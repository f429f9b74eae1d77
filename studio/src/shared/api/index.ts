import { at, type Address } from './address.ts';
import type { components } from './types.ts';

export { at, withQuery, type Address } from './address.ts';
export { ApiError, get, getText, patch, post, put, remove, type AnswerOf } from './client.ts';
export { useAnswer } from './use-answer.ts';

type Named = components['schemas'];

export type Session = Named['Session'];
export type OwnSession = Named['OwnSession'];
export type Site = Named['Site'];
export type Widget = Named['Widget'];
export type ListedWidget = Named['ListedWidget'];
export type Version = Named['Version'];
export type Asset = Named['Asset'];
export type OwnStarter = Named['OwnStarter'];
export type ShelfPiece = Named['ShelfPiece'];
export type StoredPage = Named['StoredPage'];
export type PlannedWidget = Named['PlannedWidget'];
export type Install = Named['Install'];
export type Delivery = Named['Delivery'];
export type Submission = Named['Submission'];
export type { TakenForm } from '@sirene/core/library/takeover';
export type ActionPreview = Named['ActionPreview'];
export type SubmissionView = Named['SubmissionView'];
export type SavedReply = Named['SavedReply'];
export type Conversation = Named['Conversation'];
export type ListedConversation = Named['ListedConversation'];
export type CheckedStep = Named['CheckedStep'];
export type TestChannel = Named['TestMessenger'];
export type MemberReport = Named['MemberReports']['reports'][number];
export type DeskGroup = Named['DeskGroups']['groups'][number];
export type Payment = Named['Payment'];
export type Invoice = Named['Invoice'];
export type InvoiceSettings = Named['InvoiceSettings'];
export type MailingList = Named['MailingList'];
export type ListEntry = Named['ListEntries']['entries'][number];
export type Person = Named['Person'];
export type ListedPerson = Named['PersonList']['persons'][number];
export type Board = Named['Board'];
export type BoardLead = Board['leads'][number];
export type Stage = Board['stages'][number];
export type ListedSheet = Named['Sheet'];
export type LookUse = Named['LookUse'];
export type BrandPreview = Named['BrandPreview'];
export type Role = Named['Members']['members'][number]['role'];
export type { Brand } from '@sirene/core/style';

/** Where a widget is had, and under what name its copy is held. */
export const widgetPath = (widget: string): Address<'/api/widgets/{widget}'> =>
  at('/api/widgets/{widget}', { widget });
