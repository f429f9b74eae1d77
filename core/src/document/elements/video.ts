import { Type } from '@sinclair/typebox';
import { Video } from 'lucide';
import { h } from '../../base/html/index.js';
import { safeImage, wholeImage } from '../../base/sanitise/index.js';
import { addressText, define, elementFields, line, removeIt } from './definition.js';

const schema = elementFields('video', {
  src: addressText,
  poster: Type.Optional(addressText),
  /** What it shows, for those who don't see it. */
  alt: line(300),
  /** Plays at once, without sound, over and over. */
  loop: Type.Optional(Type.Boolean()),
});

const problem = (path: string, address: string | undefined): [string, string][] =>
  address && safeImage(address) === null
    ? [[path, 'must be an upload, or an address starting with https:']]
    : [];

export const video = define({
  type: 'video',
  label: 'Video',
  icon: Video,
  schema,
  role: () => 'video',
  parts: ['box'],
  texts: () => [],
  container: false,
  create: () => ({ type: 'video', src: '', alt: '' }),
  title: ({ alt }) => alt || 'Video',
  lacks({ src, alt }) {
    if (src === '') return [{ text: 'A video is not chosen yet', repair: removeIt }];
    return alt.trim() === '' ? [{ text: 'A video has no description: say what it shows' }] : [];
  },
  sized: 'width',
  properties: [
    { path: ['src'], label: 'Video', control: 'video', always: true },
    { path: ['poster'], label: 'Poster image', control: 'image' },
    { path: ['alt'], label: 'Description', control: 'line', always: true },
    {
      path: ['loop'],
      label: 'Autoplay',
      control: 'toggle',
      help: 'Muted and looped; off for visitors who prefer reduced motion.',
    },
  ],
  render({ src, poster, alt, loop }, { box }) {
    const address = safeImage(src);
    if (!address) return h('div', { ...box, class: `${box.class} blank` });
    return h('video', {
      ...box,
      src: address,
      poster: poster ? wholeImage(safeImage(poster) ?? '') : null,
      'aria-label': alt || null,
      controls: true,
      playsinline: true,
      preload: 'metadata',
      muted: loop,
      loop,
      'data-loop': loop,
    });
  },
  css:
    '&{display:block;width:100%;height:auto}' +
    '&.blank{aspect-ratio:16/9;background:repeating-linear-gradient(45deg,#8883 0 8px,#8881 8px 16px)}',
  problems: ({ src, poster }) => [...problem('src', src), ...problem('poster', poster)],
});
