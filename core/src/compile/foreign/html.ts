import sanitize from 'sanitize-html';
import { Html } from '../../base/html/index.js';
import { assetScheme, safeAddress, safeImage } from '../../base/sanitise/index.js';
import { markupProblem, pieceBudget } from './budget.js';

const words =
  'p br hr div span section article header footer h1 h2 h3 h4 h5 h6 b strong i em u s small sub sup mark abbr cite q blockquote code pre kbd ul ol li dl dt dd figure figcaption table caption thead tbody tfoot tr th td a img picture'.split(
    ' ',
  );

// Attributes that carry nothing but words, sizes and relations within the same piece of markup.
const plain = ['class', 'title', 'lang', 'dir', 'role', 'aria-label', 'aria-hidden'];

/** Markup from outside with what an allow-list names, and nothing else (sanitize-html); nothing of what is too much. */
export function safeHtml(source: string): Html {
  if (markupProblem(source, pieceBudget)) return new Html('');
  const text = sanitize(source, {
    allowedTags: words,
    allowedAttributes: {
      '*': plain,
      a: ['href'],
      img: ['src', 'alt', 'width', 'height', 'loading'],
      th: ['scope', 'colspan', 'rowspan'],
      td: ['colspan', 'rowspan'],
    },
    allowedSchemes: ['http', 'https', 'mailto', 'tel', assetScheme.slice(0, -1)],
    parseStyleAttributes: false,
    transformTags: { a: checkLink, img: checkPicture },
    disallowedTagsMode: 'discard',
  });
  return new Html(text);
}

type Attributes = sanitize.Attributes;

// One rule for addresses, wherever they come from.
function checkLink(tagName: string, { href = '', ...rest }: Attributes): sanitize.Tag {
  const safe = safeAddress(href);
  return { tagName, attribs: safe ? { ...rest, href: safe } : rest };
}

function checkPicture(tagName: string, { src = '', ...rest }: Attributes): sanitize.Tag {
  const safe = safeImage(src);
  return { tagName, attribs: safe ? { ...rest, src: safe } : rest };
}
