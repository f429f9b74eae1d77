import { Column, Entity, PrimaryColumn } from 'typeorm';

export const outcomes = ['open', 'won', 'lost'] as const;
export type Outcome = (typeof outcomes)[number];

/** A step on the way to a sale, as a site names it. */
@Entity('lead_stage')
export class LeadStageEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') name: string;
  @Column('integer') position: number;
  /** What a lead in it has come to. */
  @Column('text') outcome: Outcome;
}

/** A person who may become a customer: what about, how far it is, and what it is worth. */
@Entity('lead')
export class LeadEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') personId: string;
  @Column('text') stageId: string;
  @Column('text') title: string;
  /** Its value in the smallest unit of its currency; null where nobody has said. */
  @Column('integer', { nullable: true }) units: number | null;
  @Column('text') currency: string;
  @Column('text', { nullable: true }) ownerId: string | null;
  /** A day, as in 2026-12-24. */
  @Column('text', { nullable: true }) dueOn: string | null;
  @Column('text', { nullable: true }) submissionId: string | null;
  /** The delivery that made it: tried again, it makes one. */
  @Column('text', { nullable: true }) deliveryId: string | null;
  @Column('integer') createdAt: number;
  @Column('integer') movedAt: number;
}

/** A lead came into a stage. */
@Entity('lead_event')
export class LeadEventEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') leadId: string;
  @Column('integer') at: number;
  /** The stage as it was called then. */
  @Column('text') stage: string;
  /** Who moved it; null where a submission made it. */
  @Column('text', { nullable: true }) byId: string | null;
}
