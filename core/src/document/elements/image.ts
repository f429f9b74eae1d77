import { Type } from '@sinclair/typebox';
import { Image } from 'lucide';
import { illustrationAt, illustrationHtml, paintsOf } from '../../style/illustrations/index.js';
import { h } from '../../base/html/index.js';
import { assetScheme, safeAddress, safeImage, wholeImage } from '../../base/sanitise/index.js';
import type { BrandLogo } from '../../style/index.js';
import { addressText, define, elementFields, line, removeIt } from './definition.js';
import { addressProblem } from './rich-text.js';

/** The widths, px, in which uploaded images are served. */
export const imageWidths = [320, 640, 1280, 1920] as const;

const schema = elementFields('image', {
  /** `asset:` and the id of an upload, `art:` and the name of a shipped drawing, or an address starting with https. */
  src: addressText,
  /** What it shows, for those who don't see it. */
  alt: line(300),
  /** It only adorns: screen readers pass over it. */
  plain: Type.Optional(Type.Boolean()),
  /** Its own size, px, so that its room is kept before it is there. */
  size: Type.Optional(
    Type.Tuple([
      Type.Integer({ minimum: 1, maximum: 20_000 }),
      Type.Integer({ minimum: 1, maximum: 20_000 }),
    ]),
  ),
  caption: Type.Optional(line(300)),
  link: Type.Optional(addressText),
});

/** The source of an image that shows the brand's own mark, whatever it is by then. */
export const brandLogo = 'brand:logo';

function logoImage(logo: BrandLogo | undefined, alt: string) {
  const size: [number, number] | undefined = logo && [logo.width, logo.height];
  return { src: logo?.src ?? '', alt: alt || (logo?.alt ?? ''), size };
}

/** `srcset` of an uploaded image; nothing is served larger than it is. */
function sizes(src: string, width = 0): string | null {
  if (!src.startsWith(assetScheme) || src.includes('/')) return null;
  const served = imageWidths.filter((one) => one < width);
  return served.length > 0
    ? [...served.map((one) => `${src}/${one}.webp ${one}w`), `${src}/full.webp ${width}w`].join(', ')
    : null;
}

const imageCss =
  '& img{display:block;width:100%;height:auto;min-height:0;flex:1;object-fit:inherit;object-position:inherit}';
const artCss = '& .art{display:block;width:100%;height:auto;min-height:0;flex:1}';
const blankCss =
  '& .blank{display:block;aspect-ratio:16/9;background:repeating-linear-gradient(45deg,#8883 0 8px,#8881 8px 16px)}';

export const image = define({
  type: 'image',
  label: 'Image',
  icon: Image,
  schema,
  role: () => 'image',
  parts: ['box', 'caption'],
  used: ({ caption }) => (caption ? ['box', 'caption'] : ['box']),
  texts: ({ caption }) => (caption ? ['caption'] : []),
  container: false,
  create: () => ({ type: 'image', src: '', alt: '' }),
  title: ({ alt, src }) => alt || (src ? 'Image' : 'No image chosen yet'),
  lacks({ title, src, alt, plain }) {
    if (src === '') return [{ text: 'An image is not chosen yet', repair: removeIt }];
    // A mark of the brand brings its own words.
    if (plain || alt.trim() !== '' || src.startsWith('brand:')) return [];
    const repair = { label: 'Mark as decorative', set: ['plain', true] } as const;
    return [{ text: `${title ?? 'Image'}: add alt text, or mark it as decorative`, repair }];
  },
  sized: 'width',
  properties: [
    { path: ['src'], label: 'Image', control: 'image', sized: true, always: true },
    {
      path: ['alt'],
      label: 'Alt text',
      control: 'line',
      help: 'What the image shows, for people who can’t see it.',
      always: true,
    },
    { path: ['plain'], label: 'Decorative', control: 'toggle' },
    { path: ['caption'], label: 'Caption', control: 'line', rare: true },
    { path: ['link'], label: 'Link URL', control: 'line', rare: true },
  ],
  render({ caption, link, plain, ...own }, { box, part, logo }) {
    const { src, alt, size } = own.src === brandLogo ? logoImage(logo, own.alt) : own;
    const art = illustrationAt(src);
    const address = safeImage(src);
    const srcset = address ? sizes(address, size?.[0]) : null;
    // A brand without a mark of its own shows none.
    if (own.src === brandLogo && !address) return h('figure', box);
    const image = art
      ? illustrationHtml(art, plain ? '' : alt)
      : address
        ? h('img', {
            src: wholeImage(address),
            srcset,
            sizes: srcset && 'auto, 100vw',
            alt: plain ? '' : alt,
            width: size?.[0],
            height: size?.[1],
            loading: 'lazy',
          })
        : h('span', { class: 'blank', 'aria-hidden': 'true' });
    const href = link ? safeAddress(link) : null;
    return h(
      'figure',
      box,
      href ? h('a', { href, 'aria-label': alt || null }, image) : image,
      caption ? h('figcaption', { class: part('caption') }, caption) : null,
    );
  },
  css: '&{margin:0;overflow:hidden;display:flex;flex-direction:column}',
  cssFor({ src, link }) {
    const art = illustrationAt(src);
    return [
      link ? '& a{display:contents}' : '',
      ...(art ? [artCss, ...paintsOf(art)] : [src === '' ? blankCss : imageCss]),
    ];
  },
  problems: ({ src, link }) => [
    ...(src !== '' && src !== brandLogo && illustrationAt(src) === null && safeImage(src) === null
      ? [
          ['src', 'must be an upload, an illustration, or an address starting with https:'] as [
            string,
            string,
          ],
        ]
      : []),
    ...addressProblem('link', link),
  ],
});
