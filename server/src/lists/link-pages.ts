import type { Said } from '../shared/brand-page.js';
import type { LinkState } from './lists.service.js';

type Words = (list: string, site: string) => Said;

const gone: Words = () => ({
  title: 'This link leads nowhere',
  text: ['It may be incomplete. Please open it once more from the e-mail, or copy the whole of it.'],
});

const onList: Words = (list) => ({
  title: 'Your address is confirmed',
  text: [`You are on the mailing list “${list}”. You can leave it at any time by the link in every e-mail.`],
});

/** What the page to confirm says before anybody has pressed its button. */
const confirming: Readonly<Record<LinkState, Words>> = {
  pending: (list, site) => ({
    title: 'Please confirm',
    text: [`Confirm that you want to receive “${list}” from ${site} by e-mail.`],
    button: 'Confirm my address',
  }),
  confirmed: onList,
  unsubscribed: (list) => ({
    title: 'You have unsubscribed',
    text: [`You have left the mailing list “${list}”. To come back, please sign up again.`],
  }),
  late: () => ({
    title: 'This link is too old',
    text: ['A confirmation is kept open for 30 days. Please sign up again to get a new link.'],
  }),
  unknown: gone,
};

const leaving = (list: string): Said => ({
  title: 'Unsubscribe',
  text: [`Do you want to leave the mailing list “${list}”?`],
  button: 'Unsubscribe',
});

const left: Words = (list) => ({
  title: 'You have unsubscribed',
  text: [`You get no more e-mail from the mailing list “${list}”.`],
});

/** What the page to unsubscribe says before anybody has pressed its button. */
const unsubscribing: Readonly<Record<LinkState, Words>> = {
  pending: leaving,
  confirmed: leaving,
  late: leaving,
  unsubscribed: left,
  unknown: gone,
};

/** What a link of a mail leads to: its words before and after its button has been pressed. */
export const linkPages = { confirm: confirming, unsubscribe: unsubscribing } as const;
