/** What of a conversation a report counts: moments in ms since 1970, `null` where there is none. */
export interface ReportedConversation {
  startedAt: number;
  /** When somebody answered for the first time. */
  answeredAt: number | null;
  closedAt: number | null;
  rating: number | null;
}

/** How conversations went. */
export interface ChatReport {
  conversations: number;
  /** How many somebody has answered, and how long those waited, ms: half of them no longer, and nine of ten no longer. */
  answered: number;
  firstAnswer: number | null;
  longWait: number | null;
  /** How long half of those that are over lasted at most, ms. */
  length: number | null;
  rated: number;
  /** The mean of the ratings, 1 to 5. */
  rating: number | null;
}

/** The value below or at which a share of the values lies (nearest rank); `null` of none. */
function quantile(values: readonly number[], share: number): number | null {
  const sorted = values.toSorted((a, b) => a - b);
  return sorted[Math.max(0, Math.ceil(share * sorted.length) - 1)] ?? null;
}

/**
 * How a desk did: what came in, how soon it was answered, how it was rated.
 *
 * @example chatReport([]).firstAnswer // null
 */
export function chatReport(conversations: readonly ReportedConversation[]): ChatReport {
  const waits = conversations.flatMap(({ startedAt, answeredAt }) =>
    answeredAt === null ? [] : [answeredAt - startedAt],
  );
  const lengths = conversations.flatMap(({ startedAt, closedAt }) =>
    closedAt === null ? [] : [closedAt - startedAt],
  );
  const ratings = conversations.flatMap(({ rating }) => rating ?? []);
  const sum = ratings.reduce((all, one) => all + one, 0);
  return {
    conversations: conversations.length,
    answered: waits.length,
    firstAnswer: quantile(waits, 0.5),
    longWait: quantile(waits, 0.9),
    length: quantile(lengths, 0.5),
    rated: ratings.length,
    rating: ratings.length > 0 ? sum / ratings.length : null,
  };
}
