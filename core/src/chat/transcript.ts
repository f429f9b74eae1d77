import type { ChatMessage } from './log.js';

/** Whose conversation it was, and where. */
export interface TranscriptHead {
  /** What the chat is called, and the visitor; empty where nobody said. */
  chat: string;
  visitor: string;
  page: string;
}

/** A conversation as data: what `transcriptText` tells, with times as ISO 8601 has them (UTC). */
export const transcriptData = (head: TranscriptHead, messages: readonly ChatMessage[]) => ({
  ...head,
  messages: messages.map(({ from, name, text, at, file }) => ({
    ...{ from, name, at: new Date(at).toISOString() },
    ...(file ? { file: { name: file.name, type: file.type, bytes: file.bytes } } : { text }),
  })),
});

/**
 * A conversation as a text to be read or kept: who wrote what and when, in order.
 *
 * @param zone by whose clocks the times are told (IANA time zone database)
 * @param language of the dates and sizes (BCP 47)
 */
export function transcriptText(
  { chat, visitor, page }: TranscriptHead,
  messages: readonly ChatMessage[],
  zone: string,
  language = 'en-GB',
): string {
  const moment = new Intl.DateTimeFormat(language, {
    timeZone: zone,
    dateStyle: 'medium',
    timeStyle: 'short',
  });
  const size = new Intl.NumberFormat(language, {
    style: 'unit',
    unit: 'kilobyte',
    maximumFractionDigits: 0,
  });
  const said = messages.map(
    ({ from, name, text, at, file }) =>
      `${moment.format(at)}  ${name || (from === 'visitor' ? visitor || 'Visitor' : chat)}${from === 'note' ? ' (note)' : ''}\n` +
      // A line that another wrote must not pass for one of the transcript's own.
      (file ? `[${file.name}, ${size.format(Math.max(1, file.bytes / 1000))}]` : text).replaceAll(
        /^/gm,
        '  ',
      ),
  );
  return [`${chat}\n${page}`, ...said, ''].join('\n\n');
}
