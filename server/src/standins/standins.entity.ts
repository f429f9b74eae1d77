import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A mail that the mail stand-in received. */
@Entity('mail')
export class MailEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') sender: string;
  @Column('simple-json') recipients: string[];
  @Column('text') subject: string;
  @Column('text') text: string;
  /** The same as HTML; empty where it has none. */
  @Column('text') html: string;
  /** Its attachments; of a text what it says, of anything else nothing. */
  @Column('simple-json') attachments: { name: string; type: string; text: string }[];
  @Column('simple-json') headers: { name: string; value: string }[];
  @Column('integer') receivedAt: number;
}

/** A webhook that the webhook stand-in received; tried again, it counts up. */
@Entity('test_hook')
export class TestHookEntity {
  @PrimaryColumn('text') siteId: string;
  @PrimaryColumn('text') id: string;
  @Column('text') body: string;
  /** 1 where its signature was the site's. */
  @Column('integer') genuine: number;
  @Column('integer') times: number;
  @Column('integer') answered: number;
  @Column('integer') lastAt: number;
}

export const testPaymentStatuses = ['open', 'paid', 'failed', 'left', 'refunded'] as const;

/** A session of the payment stand-in. */
@Entity('test_payment')
export class TestPaymentEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  /** By which it is made once, however often it is asked for. */
  @Column('text') requestKey: string;
  @Column('text') reference: string;
  @Column('integer') units: number;
  @Column('text') currency: string;
  @Column('text') interval: 'once' | 'month';
  @Column('text') description: string;
  @Column('text') returnUrl: string;
  @Column('text') resultUrl: string;
  @Column('text') status: (typeof testPaymentStatuses)[number];
  /** When the result has been taken; null while it has not. */
  @Column('integer', { nullable: true }) told: number | null;
  @Column('integer') at: number;
}

/** A member whom the stand-in for member services knows. */
@Entity('test_member')
export class TestMemberEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') email: string;
  @Column('text') name: string;
  /** Its hash. */
  @Column('text') password: string;
  /** By which they are registered once, however often it is asked for. */
  @Column('text') requestKey: string;
  @Column('integer') at: number;
}

export const testMessengerBehaviours = ['works', 'wrong signature', 'down'] as const;

/** How a site's channel at the messenger stand-in is set. */
@Entity('test_messenger')
export class TestMessengerEntity {
  @PrimaryColumn('text') siteId: string;
  /** Where it sends what people write. */
  @Column('text') webhookUrl: string;
  /** The origins whose pages may lead to it. */
  @Column('simple-json') domains: string[];
  @Column('text') behaviour: (typeof testMessengerBehaviours)[number];
}

/** A text at the messenger stand-in, of somebody to a site or the other way. */
@Entity('test_text')
export class TestTextEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') contact: string;
  @Column('text') name: string;
  /** What the link carried by which they came. */
  @Column('text') ref: string;
  /** 1 where the site wrote it. */
  @Column('integer') fromSite: number;
  @Column('text') text: string;
  @Column('integer') at: number;
  /** By which an answer is there once, however often it is sent. */
  @Column('text', { nullable: true }) requestKey: string | null;
  /** When the site has taken it; null while it has not. */
  @Column('integer', { nullable: true }) told: number | null;
}
