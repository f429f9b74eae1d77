/** What the page's script needs where members write to each other, beside what is drawn already. */
export interface MemberChatWords {
  /** Said where nothing has been written yet, once a report was taken, and while the line is down. */
  none: string;
  reported: string;
  failed: string;
  block: string;
  unblock: string;
  /** Stands in the place of a message that the desk has removed. */
  removed: string;
  blocked: string;
  /** Said where a search finds nobody. */
  nobody: string;
  classes: Readonly<Record<'received' | 'sent', string>>;
}
