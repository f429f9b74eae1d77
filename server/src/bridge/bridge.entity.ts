import { Column, Entity, PrimaryColumn } from 'typeorm';

/** A conversation by way of an outside messenger. */
@Entity('bridged')
export class BridgedEntity {
  @PrimaryColumn('text') conversationId: string;
  @Column('text') siteId: string;
  /** Who writes there, by the messenger's own id. */
  @Column('text') contact: string;
  /** The last message that has been dealt with: sent, if it was an answer. */
  @Column('integer') sentSeq: number;
  @Column('integer') attempts: number;
  /** When the next one is tried. */
  @Column('integer') dueAt: number;
  /** Why the last try came to nothing. */
  @Column('text', { nullable: true }) error: string | null;
}
