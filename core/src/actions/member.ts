import { Type } from '@sinclair/typebox';
import { safeAddress } from '../base/sanitise/index.js';
import { actionSchema, type ActionSpec } from './action.js';

/** What the member service does with the sender. */
const memberDeeds = {
  'sign-in': 'Sign in',
  register: 'Register',
  reset: 'Send a password reset link',
} as const;
export type MemberDeed = keyof typeof memberDeeds;

const phrases: Readonly<Record<MemberDeed, string>> = {
  'sign-in': 'is signed in by the member service',
  register: 'is registered with the member service',
  reset: 'is sent a password reset link by the member service',
};

/** Has the site's member service sign the sender in, register them, or let them choose another password. */
export const member = {
  type: 'member',
  label: 'Member service',
  schema: actionSchema('member', {
    does: Type.Union((Object.keys(memberDeeds) as MemberDeed[]).map((deed) => Type.Literal(deed))),
    /** Where the visitor goes on to once they are signed in. */
    page: Type.Optional(Type.String({ maxLength: 2048 })),
  }),
  create: () => ({ type: 'member', does: 'sign-in' }),
  fields: [
    { key: 'does', label: 'What it does', control: 'choice', options: memberDeeds },
    {
      key: 'page',
      label: 'Page after signing in',
      control: 'url',
      help: 'It gets a code as the parameter “code”, by which its server learns from the member service who it is. Empty: the widget’s thanks.',
    },
  ],
  told: () => ['the sender'],
  delivery: (target) => `Member service: ${target}`,
  phrase: (_, { does }: { does: MemberDeed }) => phrases[does],
  problems: ({ page = '' }: { page?: string }) =>
    page === '' || (/^https?:\/\/[^/]/i.test(page) && safeAddress(page) !== null)
      ? []
      : [['page', 'must be a web address, starting with https://']],
} satisfies ActionSpec;
