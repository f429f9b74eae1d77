/** What a visitor was asked before a conversation, and said. */
export type ChatAnswers = readonly { label: string; value: string }[];
