import type { Answers } from '@sirene/core/form';
import type { Action } from '@sirene/core/actions';
import type { Database } from 'better-sqlite3';
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
}

/** What a receiver wants no more: it is not tried again. */
export class Unwanted extends Error {}

/** What is known of a submission when its actions are written down. */
export interface Sent {
  answers: Answers;
  /** What was entered in its e-mail field; empty where there is none. */
  email: string;
}

/** One kind of action. `run` may be called more than once for a delivery and names it to the other side each time. */
export interface ActionHandler<A extends Action = Action> {
  /** One entry for each delivery that the action makes: each is tried, retried and repeated by itself. */
  targets(action: A, sent: Sent): { target: string; settings: Record<string, unknown> }[];
  /** What has to be there the moment that the submission is; called for each target, in the same transaction. */
  atOnce?(database: Database, siteId: string, submissionId: string, settings: Record<string, unknown>): void;
  /** Where the visitor goes on to after such a submission, instead of what the widget says; `null` where nowhere. */
  next?(site: SiteEntity, submissionId: string): Promise<string | null>;
  /** Throws when the other side did not take it. */
  run(errand: Errand): Promise<void>;
}
