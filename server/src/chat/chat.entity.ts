import { Column, Entity, PrimaryColumn } from 'typeorm';

export const conversationStates = ['waiting', 'open', 'closed'] as const;

/** What one visitor and the desk wrote each other, from the first message until somebody ended it. */
@Entity('conversation')
export class ConversationEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') widgetId: string;
  /** As it was called when it began. */
  @Column('text') widgetName: string;
  /** What the visitor's token hashes to (SHA-256, hex): who holds the token is the visitor, and nobody else is told it. */
  @Column('text') visitor: string;
  @Column('text', { nullable: true }) personId: string | null;
  @Column('text') name: string;
  @Column('text') email: string;
  @Column('text') page: string;
  @Column('text') pageTitle: string;
  /** Nobody has answered; somebody has taken it; it is over. */
  @Column('text') state: (typeof conversationStates)[number];
  @Column('text', { nullable: true }) assigneeId: string | null;
  @Column('integer') lastSeq: number;
  @Column('text') lastText: string;
  @Column('text') lastFrom: ChatMessageEntity['sender'];
  @Column('integer') startedAt: number;
  @Column('integer') lastAt: number;
  @Column('integer', { nullable: true }) answeredAt: number | null;
  @Column('integer', { nullable: true }) closedAt: number | null;
}

/** One message, in its place of its conversation. */
@Entity('chat_message')
export class ChatMessageEntity {
  @PrimaryColumn('text') conversationId: string;
  @PrimaryColumn('integer') seq: number;
  /** Made by whoever wrote it: sent again, it is stored once. */
  @Column('text') id: string;
  /** Who wrote it; a note is never told to visitors. */
  @Column('text') sender: 'visitor' | 'desk' | 'note';
  @Column('text', { nullable: true }) byId: string | null;
  @Column('text') name: string;
  @Column('text') text: string;
  @Column('integer') at: number;
}
