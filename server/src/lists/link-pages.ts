import { filled } from '@sirene/core/base/messages';
import type { PageWords } from '@sirene/core/base/page-words';
import type { Said } from '../shared/brand-page.js';
import type { LinkState } from './lists.service.js';

type Page = (words: PageWords) => Said;

const gone: Page = ({ lost, lostHow }) => ({ title: lost, text: [lostHow] });

/** What the page to confirm says before anybody has pressed its button. */
const confirming: Readonly<Record<LinkState, Page>> = {
  pending: ({ confirm, confirmWhat, confirmButton }) => ({
    title: confirm,
    text: [confirmWhat],
    button: confirmButton,
  }),
  confirmed: ({ confirmed, confirmedWhat }) => ({ title: confirmed, text: [confirmedWhat] }),
  unsubscribed: ({ left, comeBack }) => ({ title: left, text: [comeBack] }),
  late: ({ late, lateHow }) => ({ title: late, text: [lateHow] }),
  unknown: gone,
};

const leaving: Page = ({ leave, leaveWhat }) => ({ title: leave, text: [leaveWhat], button: leave });

/** What the page to unsubscribe says before anybody has pressed its button. */
const unsubscribing: Readonly<Record<LinkState, Page>> = {
  pending: leaving,
  confirmed: leaving,
  late: leaving,
  unsubscribed: ({ left, leftWhat }) => ({ title: left, text: [leftWhat] }),
  unknown: gone,
};

/** What a link of a mail leads to: its words before and after its button has been pressed. */
const pages = { confirm: confirming, unsubscribe: unsubscribing } as const;

/** Where links of a list's mails lead. */
export type LinkPage = keyof typeof pages;

/** What the page of a link says of a mailing list, in the words of a language. */
export function linkPage(
  to: LinkPage,
  { state, list }: { state: LinkState; list: string },
  site: string,
  words: PageWords,
): Said {
  const said = pages[to][state](words);
  return { ...said, text: said.text.map((line) => filled(line, { list, site })) };
}
