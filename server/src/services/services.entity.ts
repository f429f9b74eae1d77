import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { ServiceKind } from './kinds.js';

/** A site's account at an outside service. What is secret of it is sealed. */
@Entity('service')
export class ServiceEntity {
  @PrimaryColumn('text') siteId: string;
  @PrimaryColumn('text') kind: ServiceKind;
  @Column('text') url: string;
  @Column('text') sealedKey: string;
  /** What it signs with; sealed, and empty for one that signs nothing. */
  @Column('text') sealedSigningKey: string;
}
