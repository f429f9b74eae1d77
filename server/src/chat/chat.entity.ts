import { Column, Entity, PrimaryColumn } from 'typeorm';

export const conversationStates = ['waiting', 'open', 'closed'] as const;

/** By which ways visitors write. */
export const chatChannels = ['page', 'messenger'] as const;

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
  /** By which way they write: on the site's pages, or by its messenger. */
  @Column('text', { default: 'page' }) channel: (typeof chatChannels)[number];
  @Column('text') page: string;
  @Column('text') pageTitle: string;
  /** Nobody has answered; somebody has taken it; it is over. */
  @Column('text') state: (typeof conversationStates)[number];
  @Column('text', { nullable: true }) assigneeId: string | null;
  /** The group of the desk that it was handed to, of which one has to take it on. */
  @Column('text', { nullable: true }) groupId: string | null;
  @Column('integer') lastSeq: number;
  @Column('text') lastText: string;
  @Column('text') lastFrom: ChatMessageEntity['sender'];
  @Column('integer') startedAt: number;
  @Column('integer') lastAt: number;
  @Column('integer', { nullable: true }) answeredAt: number | null;
  @Column('integer', { nullable: true }) closedAt: number | null;
  /** The last message that each side has seen. */
  @Column('integer', { default: 0 }) visitorSeen: number;
  @Column('integer', { default: 0 }) deskSeen: number;
  /** Until then it is not among what waits; a message of the visitor's ends that. */
  @Column('integer', { nullable: true }) snoozedUntil: number | null;
  /** When somebody was last told that no answer came. */
  @Column('integer', { nullable: true }) remindedAt: number | null;
  /** From 1 to 5, the visitor's. */
  @Column('integer', { nullable: true }) rating: number | null;
  @Column('text', { default: '' }) ratingText: string;
  /** Who they are by the word of the site itself: its own id of a member; null where nobody has signed that. */
  @Column('text', { nullable: true }) identity: string | null;
  /** By what an answer to a mail finds its way back. */
  @Column('text', { nullable: true }) replyToken: string | null;
  /** What the visitor was asked before, as JSON (`ChatAnswers`). */
  @Column('text', { default: '[]' }) answers: string;
  @Column('text', { nullable: true }) leadId: string | null;
  /** As JSON: a list of texts. */
  @Column('text', { default: '[]' }) tags: string;
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
  /** What was sent along, as JSON (`ChatFile`). */
  @Column('text', { nullable: true }) file: string | null;
}
