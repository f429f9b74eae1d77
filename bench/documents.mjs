// What is measured on: documents made for it, the same every time.
import { buildWidget, dressed, heading, link, row, words } from '@sirene/core/library/sketch';

/** A widget of so many elements: rows of a heading, a paragraph and two buttons, each with a value of its own. */
export function largeDocument(elements) {
  const rows = Math.round((elements - 1) / 5);
  return buildWidget({
    name: 'Large',
    kind: 'popup',
    placement: { type: 'centre', width: 760 },
    opening: Array.from({ length: rows }, (_, at) => ({
      ...row([
        { ...heading(`Heading g${at}`, 3, { fontSize: 20 }), id: `tg${at}` },
        words('Some words that fill a line or two.'),
        dressed(link('Go on', '/on'), { radius: 4 }),
        dressed(link('Go back', '/back'), { radius: 4, background: '{color.soft}', color: '{color.ink}' }),
      ]),
      id: `g${at}`,
    })),
  });
}
