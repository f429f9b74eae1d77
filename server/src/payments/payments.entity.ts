import type { PaymentInterval } from '@sirene/core/actions';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** How a payment stands: not paid yet, paid, refused by the payment service, given up by the visitor, or paid back. */
export const paymentStates = ['open', 'paid', 'failed', 'left', 'refunded'] as const;
export type PaymentState = (typeof paymentStates)[number];

/** The words of a receipt. */
export interface Receipt {
  subject: string;
  text: string;
}

/** What a visitor is to pay, and how that stands. One for a submission. */
@Entity('payment')
export class PaymentEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') submissionId: string;
  @Column('text') widgetId: string;
  /** What the link to its page carries. */
  @Column('text') token: string;
  /** In the smallest unit of the currency. */
  @Column('integer') units: number;
  @Column('text') currency: string;
  @Column('text') interval: PaymentInterval;
  @Column('text') description: string;
  @Column('simple-json', { nullable: true }) receipt: Receipt | null;
  @Column('text') state: PaymentState;
  /** Which try this is: one that came to nothing is followed by another, with a session of its own. */
  @Column('integer') attempt: number;
  /** The session at the payment service, and its page, while it is open. */
  @Column('text', { nullable: true }) sessionId: string | null;
  @Column('text', { nullable: true }) sessionUrl: string | null;
  @Column('integer') createdAt: number;
  /** Since when it stands so. */
  @Column('integer') since: number;
  /** What the payment service said that can't be. */
  @Column('text', { nullable: true }) trouble: string | null;
}
