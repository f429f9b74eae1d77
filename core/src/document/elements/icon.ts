import { Type } from '@sinclair/typebox';
import { Star } from 'lucide';
import { iconHtml } from '../../base/icons/index.js';
import { h } from '../../base/html/index.js';
import { safeAddress } from '../../base/sanitise/index.js';
import { addressText, define, elementFields, line } from './definition.js';
import { addressProblem } from './rich-text.js';

const schema = elementFields('icon', {
  /** Name in the library. */
  name: line(40),
  /** SVG of one's own, in place of one of the library. */
  svg: Type.Optional(Type.String({ maxLength: 20_000 })),
  /** What it says, where it says something. */
  words: Type.Optional(line(120)),
  link: Type.Optional(addressText),
});

export const icon = define({
  type: 'icon',
  label: 'Icon',
  icon: Star,
  schema,
  role: () => 'icon',
  parts: ['box', 'mark'],
  texts: () => ['mark'],
  container: false,
  create: () => ({ type: 'icon', name: 'star' }),
  title: ({ words, name, svg }) => words || (svg ? 'Custom icon' : `Icon ${name}`),
  lacks: ({ link, words }) =>
    link && !words ? [{ text: 'An icon is a link and has no text: say where it goes' }] : [],
  sized: 'width',
  properties: [
    { path: ['name'], label: 'Icon', control: 'icon', always: true },
    {
      path: ['svg'],
      label: 'Custom SVG',
      control: 'code',
      help: 'Scripts and links are removed. currentColor follows the brand.',
      rare: true,
    },
    { path: ['words'], label: 'Alt text', control: 'line' },
    { path: ['link'], label: 'Link URL', control: 'line', rare: true },
  ],
  render({ name, svg, words, link }, { box, part, foreign }) {
    const own = svg ? foreign.svg(svg) : null;
    const drawn = own ? h('span', { class: part('mark') }, own) : iconHtml(name, part('mark'));
    const href = link ? safeAddress(link) : null;
    return h(
      href ? 'a' : 'span',
      { ...box, href, role: words && !href ? 'img' : null, 'aria-label': words || null },
      drawn,
    );
  },
  css:
    '&{display:grid;place-items:center;aspect-ratio:1;flex:none!important;color:inherit}' +
    '& svg{display:block;width:100%;height:auto}&>svg{width:auto}',
  problems: ({ link }) => addressProblem('link', link),
});
