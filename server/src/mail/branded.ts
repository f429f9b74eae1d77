import { directionOf } from '@sirene/core/base/messages';
import { escapeHtml, h, Html, join } from '@sirene/core/compile';
import type { Brand } from '@sirene/core/style';
import { faceOf, type BrandFace } from '../shared/brand-face.js';
import { languageOf } from '../shared/site-language.js';

interface Link {
  label: string;
  href: string;
}

/** What a mail says: its text, what can be pressed in it, and the line at its foot. */
export interface MailContent {
  text: string;
  button?: Link;
  foot?: { text: string; link?: Link };
}

/** Whose mail it is. */
export interface MailSender {
  brand: Brand;
  siteName: string;
}

const address = /\bhttps?:\/\/[^\s<>"]+[^\s<>".,;:!?)\]]/g;

/** A text as HTML: a paragraph for each block, a break for each line, and its addresses as links. */
function paragraphs(text: string, style: string, colour: string): Html[] {
  return text
    .trim()
    .split(/\n{2,}/)
    .map((block) => h('p', { style }, ...lines(block, colour)));
}

function lines(block: string, colour: string): Html[] {
  return block.split('\n').flatMap((line, at) => [...(at > 0 ? [h('br', {})] : []), linked(line, colour)]);
}

function linked(line: string, colour: string): Html {
  const pieces: Html[] = [];
  let from = 0;
  for (const { 0: found, index } of line.matchAll(address)) {
    pieces.push(new Html(escapeHtml(line.slice(from, index))), link({ label: found, href: found }, colour));
    from = index + found.length;
  }
  return join([...pieces, new Html(escapeHtml(line.slice(from)))]);
}

const link = ({ label, href }: Link, colour: string): Html =>
  h('a', { href, style: `color:${colour}` }, label);

// Tables and inline styles: many mail programs know nothing else.
const table = (style: string, ...rows: Html[]): Html =>
  h(
    'table',
    {
      role: 'presentation',
      cellpadding: 0,
      cellspacing: 0,
      border: 0,
      width: '100%',
      align: 'center',
      style,
    },
    h('tbody', {}, ...rows),
  );

const row = (style: string, ...content: (Html | null)[]): Html => h('tr', {}, h('td', { style }, ...content));

// By name: many mail programs show no picture unasked, and no drawing at all.
const mark = ({ siteName }: MailSender, face: BrandFace): Html =>
  h('p', { style: `margin:0;font:600 19px ${face.titleFont};color:${face.ink}` }, siteName);

function buttonOf({ label, href }: Link, face: BrandFace): Html {
  const style = `display:inline-block;padding:13px 26px;border-radius:6px;background:${face.accent};color:${face.onAccent};font:600 16px ${face.textFont};text-decoration:none`;
  return h('p', { style: 'margin:26px 0 10px' }, h('a', { href, style }, label));
}

/** A mail in the brand of a site, and the same as plain text for those who read that. */
export function brandedMail(
  sender: MailSender,
  { text, button, foot }: MailContent,
): { text: string; html: string } {
  const face = faceOf(sender.brand);
  const body = `margin:0 0 16px;font:400 16px/1.55 ${face.textFont};color:${face.ink}`;
  const small = `margin:0;font:400 13px/1.5 ${face.textFont};color:${face.quiet}`;
  const footer = foot
    ? row(
        'padding:18px 32px 0',
        h(
          'p',
          { style: small },
          foot.text,
          foot.link ? ' ' : null,
          foot.link ? link(foot.link, face.quiet) : null,
        ),
      )
    : null;
  const sheet = table(
    `max-width:600px;background:${face.ground};border:1px solid ${face.line};border-radius:8px`,
    row(`padding:26px 32px;border-bottom:1px solid ${face.line}`, mark(sender, face)),
    row(
      'padding:28px 32px 20px',
      ...paragraphs(text, body, face.accent),
      button ? buttonOf(button, face) : null,
    ),
  );
  const language = languageOf(sender.brand);
  const html = h(
    'html',
    { lang: language, dir: directionOf(language) },
    h('head', {}, new Html('<meta charset="utf-8"><meta name="viewport" content="width=device-width">')),
    h(
      'body',
      { style: `margin:0;padding:0;background:${face.soft}` },
      table(
        `background:${face.soft}`,
        row('padding:28px 12px', sheet, footer && table('max-width:600px', footer)),
      ),
    ),
  );
  const plain = [
    text.trim(),
    ...(button ? [`${button.label}:\n${button.href}`] : []),
    ...(foot ? [`-- \n${foot.text}${foot.link ? `\n${foot.link.label}: ${foot.link.href}` : ''}`] : []),
  ].join('\n\n');
  return { text: plain, html: `<!doctype html>${html.text}` };
}
