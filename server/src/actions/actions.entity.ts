import { Column, Entity, PrimaryColumn } from 'typeorm';

export const deliveryStates = ['waiting', 'sent', 'failed'] as const;
export type DeliveryState = (typeof deliveryStates)[number];

/** One thing to be done after a submission: a row of the outbox. */
@Entity('delivery')
export class DeliveryEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') submissionId: string;
  @Column('text') type: string;
  /** To whom or where, as people read it. */
  @Column('text') target: string;
  /** The action as it was set when the submission came. */
  @Column('simple-json') settings: Record<string, unknown>;
  @Column('text') state: DeliveryState;
  @Column('integer') attempts: number;
  /** When it is tried next. */
  @Column('integer') dueAt: number;
  @Column('integer', { nullable: true }) lastAt: number | null;
  @Column('text', { nullable: true }) lastError: string | null;
}
