import { Type } from '@sinclair/typebox';
import { Map } from 'lucide';
import { iconHtml } from '../../base/icons/index.js';
import { h } from '../../base/html/index.js';
import { safeAddress } from '../../base/sanitise/index.js';
import { addressText, define, elementFields, line } from './definition.js';
import { addressProblem } from './rich-text.js';

const schema = elementFields('map', {
  place: line(120),
  lines: Type.String({ maxLength: 400 }),
  /** Where the way is described, such as a map service's page or a `geo:` address's web equivalent. */
  link: addressText,
  words: line(80),
});

// A drawn piece of country, the same for every place: an image that says "where", without asking a map service.
const country =
  'M0 60C60 40 90 80 150 62S250 20 320 44M0 130C80 110 120 150 200 128S280 96 320 112M70 0C60 50 96 90 84 180M230 0C250 60 214 110 236 180';

export const map = define({
  type: 'map',
  label: 'Map card',
  icon: Map,
  schema,
  role: () => 'map',
  parts: ['box', 'words', 'pin'],
  texts: () => ['words'],
  container: false,
  create: () => ({
    type: 'map',
    place: 'Our place',
    lines: 'Street and number\nTown',
    link: '',
    words: 'Get directions',
  }),
  title: ({ place }) => place || 'Map card',
  sized: 'width',
  properties: [
    { path: ['place'], label: 'Name', control: 'line', always: true },
    { path: ['lines'], label: 'Address', control: 'lines', always: true },
    { path: ['link'], label: 'Link URL', control: 'line', always: true },
    { path: ['words'], label: 'Link text', control: 'line', always: true },
  ],
  render({ place, lines, link, words }, { box, part }) {
    const href = link ? safeAddress(link) : null;
    return h(
      'div',
      box,
      h(
        'div',
        { class: 'ground' },
        h(
          'svg',
          { viewBox: '0 0 320 180', preserveAspectRatio: 'xMidYMid slice', 'aria-hidden': 'true' },
          h('path', { d: country, fill: 'none', stroke: 'currentColor', 'stroke-width': 5, opacity: 0.18 }),
        ),
        iconHtml('map-pin', `pin ${part('pin')}`),
      ),
      h(
        'div',
        { class: part('words') },
        h('strong', {}, place),
        ...lines.split('\n').map((one) => h('div', {}, one)),
        href ? h('a', { href }, words || place) : null,
      ),
    );
  },
  css:
    '&{overflow:hidden}& .ground{position:relative;height:140px;background:#8882}& .ground>svg:first-child{width:100%;height:100%}' +
    '& .pin{position:absolute;inset:0;margin:auto;width:36px;height:36px;translate:0 -16px}& a{color:inherit}',
  problems: ({ link }) => addressProblem('link', link),
});
