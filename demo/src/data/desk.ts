import { buildWidget, icon, words } from '@sirene/core/library/sketch';

/** Where visitors write to whoever is at the desk in the evening. */
export const eveningDesk = buildWidget({
  name: 'Evening desk',
  kind: 'chat',
  placement: { type: 'launcher', at: 'bottom-left', shape: 'bubble', width: 360 },
  opening: [
    {
      type: 'chat',
      name: 'Evening desk',
      design: 'bubbles',
      state: 'Answers within minutes from six to eleven',
      away: 'Nobody is at the desk just now. Leave a message, and we answer as soon as we are back.',
      closed: 'We are closed today. Leave a message, and we answer by e-mail.',
      greeting: 'Good evening. Is it clear where you are?',
      ask: 'name-email',
      nameLabel: 'Your name',
      emailLabel: 'Your e-mail address',
      notice: 'So that we can answer by e-mail if you have to go.',
      except: [{ on: '2026-12-24', from: '16:00', to: '18:00' }, { on: '2026-12-25' }],
      files: 'pictures',
      rates: true,
      transcript: true,
      messenger: true,
      opensWindow: true,
      forgets: true,
      sound: true,
      ends: true,
      placeholder: 'Write a message',
      button: 'Send',
      typing: 'is typing …',
      seen: 'Seen',
      ended: 'This conversation has ended. Write again to begin another.',
      thanks: 'Thank you for your rating.',
      mailed: 'The conversation is on its way to you by e-mail.',
    },
  ],
  scenes: {
    teaser: [icon('messages-square', { width: 28 }, { color: '{color.on-accent}' })],
  },
  // What is left while the desk is closed is told to whoever opens next.
  afterwards: {
    actions: [
      {
        type: 'notify',
        recipients: ['desk@larkmoor.example'],
        subject: 'A message was left at the Evening desk',
      },
    ],
  },
  behaviour: {
    triggers: { any: [{ type: 'load' }] },
    targeting: { all: [{ type: 'address', include: ['/tonight/', '/members/'], exclude: [] }] },
    frequency: { per: 'page' },
    returning: { afterClosing: 0, afterSubmitting: 0 },
  },
});

/** Where the shop answers, by day, with hours and looks of its own. */
export const shopDesk = buildWidget({
  name: 'Shop desk',
  kind: 'chat',
  placement: { type: 'launcher', at: 'bottom-right', shape: 'tab', width: 340 },
  opening: [
    {
      type: 'chat',
      name: 'Shop desk',
      design: 'cards',
      pattern: 'dots',
      state: 'Answers from nine to six, Monday to Saturday',
      away: 'We are packing parcels. Write to us, and we answer within the hour.',
      closed: 'The shop is closed. Leave a message, and we answer by e-mail.',
      greeting: 'Hello. Is it about an order?',
      greetAfter: 3,
      ask: 'email',
      nameLabel: 'Your name',
      emailLabel: 'Your e-mail address',
      questions: [
        { label: 'Topic', options: 'Order, Delivery, Return, Something else', optional: false },
        { label: 'Order number', options: '', optional: true },
      ],
      consent: 'We keep what you write for a year, to help you with this order.',
      hours: [{ days: ['1', '2', '3', '4', '5', '6'], from: '09:00', to: '18:00' }],
      except: [{ on: '2026-12-26' }],
      files: 'any',
      routes: [{ answer: 'Return', page: '', to: 'designer@sirene.example' }],
      automations: [
        {
          when: 'begins',
          if: { any: [{ type: 'asked', question: 'Topic', how: 'one-of', value: 'Return, Delivery' }] },
          do: 'tag',
          value: 'Parcel',
        },
        {
          when: 'unanswered',
          minutes: 20,
          do: 'say',
          value: 'Thank you for waiting. We are still packing, and answer before the shop closes.',
        },
      ],
      rates: true,
      transcript: true,
      prints: true,
      ends: true,
      placeholder: 'Your question',
      button: 'Send',
      typing: 'is typing …',
      seen: 'Seen',
      ended: 'This conversation has ended. Write again to begin another.',
      thanks: 'Thank you for your rating.',
      mailed: 'The conversation is on its way to you by e-mail.',
    },
  ],
  scenes: { teaser: [words('Shop desk', { color: '{color.on-accent}', fontWeight: 600 })] },
  behaviour: {
    triggers: { any: [{ type: 'load' }] },
    targeting: { all: [{ type: 'address', include: ['/till/'], exclude: [] }] },
    frequency: { per: 'page' },
    returning: { afterClosing: 0, afterSubmitting: 0 },
  },
});

/** Where members of the circle write to each other, on their own page. */
export const membersMessages = buildWidget({
  name: 'Members’ messages',
  kind: 'chat',
  placement: { type: 'launcher', at: 'bottom-right', shape: 'tab', width: 340 },
  opening: [
    {
      type: 'member-chat',
      name: 'Members’ messages',
      signedOut: 'Sign in at the members’ door to write to other members of the circle.',
      none: 'Nobody has written to you yet. Find a member and say good evening.',
      placeholder: 'Write a message',
      button: 'Send',
      reported: 'Thank you. The observatory looks at it.',
    },
  ],
  scenes: { teaser: [words('Members’ messages', { color: '{color.on-accent}', fontWeight: 600 })] },
  behaviour: {
    triggers: { any: [{ type: 'load' }] },
    targeting: { all: [{ type: 'address', include: ['/members/'], exclude: [] }] },
    frequency: { per: 'page' },
    returning: { afterClosing: 0, afterSubmitting: 0 },
  },
});
