import { h } from '@sirene/core/compile';
import { standinPage } from './standin-page.js';
import type { TestTextEntity } from './standins.entity.js';

const foot = 'This is the messenger stand-in of Sirene. Nothing leaves this machine.';

/** The page on which somebody writes to a channel, as they would on their phone. */
export function messengerPage(
  channel: string,
  { path, search, isFirst }: { path: string; search: string; isFirst: boolean },
): string {
  return standinPage(
    channel,
    [
      h('iframe', { src: `${path}/texts`, title: 'Messages', class: 'texts' }),
      h(
        'form',
        { method: 'post', action: path + search },
        isFirst
          ? h(
              'label',
              {},
              'Your name',
              h('input', { name: 'name', maxlength: 100, required: true, autocomplete: 'off' }),
            )
          : null,
        h(
          'label',
          {},
          'Message',
          h('input', {
            ...{ name: 'text', maxlength: 1000, required: true, autocomplete: 'off', autofocus: true },
          }),
        ),
        h('button', { class: 'first' }, 'Send'),
      ),
    ],
    foot,
  );
}

/** What was written, read anew every two seconds. */
export const textsPage = (texts: readonly TestTextEntity[]): string =>
  standinPage(
    'Messages',
    texts.length === 0
      ? [h('p', {}, 'Nothing has been written yet.')]
      : texts.map(({ fromSite, name, text }) =>
          h('p', { class: 'text' }, h('strong', {}, fromSite ? 'Answer' : name), ': ', text),
        ),
    '',
    2,
  );

/** Said to who comes from a page that may not lead here. */
export const refusedPage = (origin: string): string =>
  standinPage(
    'This page may not lead here',
    [h('p', {}, `${origin} is none of the channel’s allowed domains.`)],
    foot,
  );
