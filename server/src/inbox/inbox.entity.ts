import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Which submissions a view shows. */
export interface ViewFilter {
  words?: string;
  widget?: string;
  unread?: 'true';
  /** A member, or `nobody`. */
  assignee?: string;
}

/** What is often looked for in the submissions of a site, by a name. */
@Entity('submission_view')
export class SubmissionViewEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') name: string;
  @Column('simple-json') filter: ViewFilter;
  /** The fields that it shows as columns, by their keys. */
  @Column('simple-json') columns: string[];
  @Column('integer') createdAt: number;
}
