import { h } from '@sirene/core/compile';
import { standinPage } from './standin-page.js';

const said = {
  asked: 'Choose a new password.',
  short: 'This password is too short. Please choose a longer one.',
  set: 'Your new password is set. You can sign in with it now.',
  gone: 'This link is too old, or has been used.',
} as const;

/** The page of the stand-in for member services on which a new password is chosen. */
export const passwordPage = (state: keyof typeof said, shortest: number): string =>
  standinPage(
    'New password',
    [
      h('p', { role: 'status' }, said[state]),
      state === 'asked' || state === 'short'
        ? h(
            'form',
            { method: 'post' },
            h(
              'label',
              {},
              `New password (at least ${shortest} characters)`,
              h('input', {
                type: 'password',
                name: 'password',
                minlength: shortest,
                autocomplete: 'new-password',
                required: true,
              }),
            ),
            h('button', { class: 'first' }, 'Set password'),
          )
        : null,
    ],
    'This is the stand-in of Sirene for member services.',
  );
