import type { Answers } from '@sirene/core/form';
import type { Action } from '@sirene/core/actions';
import type { MessageKey } from '@sirene/core/base/messages';
import type { Database } from 'better-sqlite3';
import type { SendMailOptions } from 'nodemailer';
import type { PersonEntity, SubmissionEntity } from '../people/people.entity.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { DeliveryEntity } from './actions.entity.js';

/** A delivery with all that its handler may want to say. */
export interface Errand {
  delivery: DeliveryEntity;
  submission: SubmissionEntity;
  /** Who sent it, where it had an e-mail field that was filled in. */
  person: PersonEntity | null;
  site: SiteEntity;
  /** Somebody tries it out: nobody may take it for a submission. */
  isTest?: true;
}

/** A mail as a handler writes it, before it is anybody’s. */
export interface Letter extends Omit<SendMailOptions, 'from' | 'to' | 'subject' | 'text' | 'html'> {
  to: string | { name: string; address: string };
  subject: string;
  text: string;
  html?: string;
}

/** What a receiver wants no more: it is not tried again. */
export class Unwanted extends Error {}

/** What is known of a submission when its actions are written down. */
export interface Sent {
  /** The form that was sent, by its element. */
  form: string;
  answers: Answers;
  /** What was entered in its e-mail field; empty where there is none. */
  email: string;
}

/** What is asked of an outside service before a form counts as sent, while the visitor waits. */
export interface Asked {
  /** The submission's id: asked again, it is done once. */
  id: string;
  /** What was entered, by the kinds of its fields; what is kept nowhere is there too. */
  entered(kind: string): string;
}

/** What it says: that the form is wrong, or where the visitor goes on to and whom the page now knows them as. */
export type Verdict =
  | { refused: MessageKey; kind: string }
  | {
      refused?: undefined;
      /** Nothing of it is stored: it was a question, which has its answer. */
      isAnswered: boolean;
      next: string | null;
      member: { id: string; name: string } | null;
    };

/** One kind of action. `run` may be called more than once for a delivery and names it to the other side each time. */
export interface ActionHandler<A extends Action = Action> {
  /** One entry for each delivery that the action makes: each is tried, retried and repeated by itself. */
  targets(action: A, sent: Sent): { target: string; settings: Record<string, unknown> }[];
  /** What is asked before the form counts as sent. Throws an HTTP exception where there is no answer. */
  decide?(action: A, site: SiteEntity, asked: Asked): Promise<Verdict>;
  /** What has to be there the moment that the submission is; called for each target, in the same transaction. */
  atOnce?(database: Database, siteId: string, submissionId: string, settings: Record<string, unknown>): void;
  /** Where the visitor goes on to after such a submission, instead of what the widget says; `null` where nowhere. */
  next?(site: SiteEntity, submissionId: string): Promise<string | null>;
  /** The mail that it sends, for those that send one: to be looked at beforehand too. */
  mail?(errand: Errand): Letter | Promise<Letter>;
  /** Throws when the other side did not take it. */
  run(errand: Errand): Promise<void>;
}
