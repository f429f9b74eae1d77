import { Type } from '@sinclair/typebox';
import { StarHalf } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, line } from './definition.js';

const schema = elementFields('rating', {
  value: Type.Number({ minimum: 0, maximum: 10 }),
  of: Type.Integer({ minimum: 1, maximum: 10 }),
  words: line(120),
});

const star = 'M12 2.6l2.9 5.9 6.5.9-4.7 4.6 1.1 6.5L12 17.4l-5.8 3.1 1.1-6.5L2.6 9.4l6.5-.9z';

export const rating = define({
  type: 'rating',
  label: 'Rating',
  icon: StarHalf,
  schema,
  role: () => 'rating',
  parts: ['box', 'mark'],
  texts: ({ words }) => (words ? ['box'] : []),
  container: false,
  create: () => ({ type: 'rating', value: 4.5, of: 5, words: '4.5 of 5' }),
  title: ({ value, of }) => `${value} of ${of} stars`,
  properties: [
    { path: ['value'], label: 'Stars', control: 'number', always: true, min: 0, max: 10, step: 0.1 },
    { path: ['of'], label: 'Out of', control: 'number', always: true, min: 1, max: 10 },
    { path: ['words'], label: 'Text', control: 'line', always: true },
  ],
  render: ({ value, of, words }, { id, box, part }) =>
    h(
      'div',
      box,
      h(
        'svg',
        {
          class: part('mark'),
          viewBox: `0 0 ${24 * of} 24`,
          role: 'img',
          'aria-label': `${value} of ${of} stars`,
          style: `aspect-ratio:${of}`,
        },
        h('clipPath', { id: `${id}-filled` }, h('rect', { width: 24 * value, height: 24 })),
        ...[0, 1].map((layer) =>
          h(
            'g',
            layer
              ? { fill: 'currentColor', 'clip-path': `url(#${id}-filled)` }
              : { fill: 'currentColor', opacity: 0.25 },
            ...Array.from({ length: of }, (_, at) =>
              h('path', { d: star, transform: `translate(${24 * at})` }),
            ),
          ),
        ),
      ),
      words ? h('span', {}, words) : null,
    ),
  // The part's width is that of one star.
  css: '&{display:flex;align-items:center;flex-wrap:wrap}& svg{height:1.4em;width:auto!important;flex:none}',
});
