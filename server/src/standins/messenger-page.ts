import { h } from '@sirene/core/compile';
import { htmlPage, styleElement } from '../shared/html-page.js';
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

const textsCss = `
body{font:15px/1.5 system-ui,sans-serif;color:#1c2128;margin:0;padding:12px;box-sizing:border-box;height:100vh;overflow:auto;display:flex;flex-direction:column-reverse}
p{margin:4px 0;padding:8px 12px;border-radius:6px;background:#eef0f3;align-self:start;max-width:85%}p.answer{align-self:end;background:#dcebf5}
span{display:block;font-size:12px;color:#566070}`;

/** What was written, the last at the foot; read anew every two seconds. */
export const textsPage = (texts: readonly TestTextEntity[]): string =>
  htmlPage(
    { title: 'Messages' },
    [h('meta', { 'http-equiv': 'refresh', content: 2 }), styleElement(textsCss)],
    texts
      .toReversed()
      .map(({ fromSite, name, text }) =>
        h('p', { class: fromSite ? 'answer' : null }, h('span', {}, fromSite ? 'Answer' : name), text),
      ),
  );

/** Said to who comes from a page that may not lead here. */
export const refusedPage = (origin: string): string =>
  standinPage(
    'This page may not lead here',
    [h('p', {}, `${origin} is none of the channel’s allowed domains.`)],
    foot,
  );
