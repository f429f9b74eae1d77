import type { Element } from '../../../document/elements/index.js';
import { seen, setting, titleOf, type Finding, type Rule } from '../finding.js';

/** What has no name for those who don't see it, or nothing to say at all (WCAG 2.2, 1.1.1 and 4.1.2). */
export const namesRule: Rule = (subject) => seen(subject).flatMap(([id, element]) => ofElement(id, element));

function ofElement(id: string, element: Element): Finding[] {
  switch (element.type) {
    case 'field':
      return element.label.trim() === ''
        ? [{ element: id, text: 'A field has no label, so screen readers can’t name it' }]
        : [];
    case 'button':
      return element.label.trim() === '' ? [{ element: id, text: 'A button has no text' }] : [];
    case 'image':
      return element.src === '' ? unchosen(id, 'An image is not chosen yet') : image(id, element);
    case 'video':
      if (element.src === '') return unchosen(id, 'A video is not chosen yet');
      return element.alt.trim() === ''
        ? [{ element: id, text: 'A video has no description: say what it shows' }]
        : [];
    case 'icon':
      return element.link && !element.words
        ? [{ element: id, text: 'An icon is a link and has no text: say where it goes' }]
        : [];
    case 'links':
      return element.items.some(({ words }) => words.trim() === '')
        ? [{ element: id, text: 'A link of the strip has no text' }]
        : [];
    case 'text':
      return element.content.every(({ text }) => text.trim() === '') ? unchosen(id, 'A text is empty') : [];
    default:
      return [];
  }
}

const unchosen = (id: string, text: string): Finding[] => [
  { element: id, text, repair: { label: 'Remove it', operation: { type: 'remove', id } } },
];

function image(id: string, element: Element & { type: 'image' }): Finding[] {
  if (element.plain || element.alt.trim() !== '') return [];
  const text = `${titleOf(element)}: add alt text, or mark it as decorative`;
  const repair = { label: 'Mark as decorative', operation: setting(id, ['plain'], true) };
  // A mark of the brand brings its own words.
  return element.src.startsWith('brand:') ? [] : [{ element: id, text, repair }];
}
