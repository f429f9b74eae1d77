import { buildWidget, icon } from '@sirene/core/library/sketch';

/** Where visitors write to whoever is at the desk in the evening. */
export const eveningDesk = buildWidget({
  name: 'Evening desk',
  kind: 'chat',
  placement: { type: 'launcher', at: 'bottom-left', shape: 'bubble', width: 360 },
  opening: [
    {
      type: 'chat',
      name: 'Evening desk',
      state: 'Answers within minutes from six to eleven',
      greeting: 'Good evening. Is it clear where you are?',
      ask: 'name-email',
      nameLabel: 'Your name',
      emailLabel: 'Your e-mail address',
      notice: 'So that we can answer by e-mail if you have to go.',
      placeholder: 'Write a message',
      button: 'Send',
      ended: 'This conversation has ended. Write again to begin another.',
    },
  ],
  scenes: {
    teaser: [icon('messages-square', { width: 28 }, { color: '{color.on-accent}' })],
  },
  behaviour: {
    triggers: { any: [{ type: 'load' }] },
    targeting: { all: [{ type: 'address', include: ['/tonight/', '/members/'], exclude: [] }] },
    frequency: { per: 'page' },
    returning: { afterClosing: 0, afterSubmitting: 0 },
  },
});
