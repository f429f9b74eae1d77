import sanitizeHtml from 'sanitize-html';

/**
 * Makes a still picture of a page: its markup and styles without anything that runs, navigates or sends.
 *
 * @param address where the page is from; relative addresses in it are read from there
 */
export function stillPage(html: string, address: string): string {
  const body = sanitizeHtml(html, {
    allowedTags: false,
    allowedAttributes: false,
    allowVulnerableTags: true,
    allowedSchemes: ['http', 'https', 'data', 'mailto', 'tel'],
    exclusiveFilter: ({ tag, attribs }) =>
      dropped.has(tag) || (tag === 'link' && attribs['rel'] !== 'stylesheet'),
    nonTextTags: ['script', 'noscript', 'template', 'iframe', 'object', 'embed', 'textarea', 'option'],
    transformTags: { '*': withoutHandlers },
  });
  const base = sanitizeHtml.simpleTransform('base', { href: address })('base', {}).attribs['href'];
  return `<!doctype html><base href="${(base ?? '').replace(/"/g, '&quot;')}">${body}`;
}

const dropped = new Set([
  'script',
  'noscript',
  'iframe',
  'object',
  'embed',
  'base',
  'template',
  'frame',
  'frameset',
  'portal',
]);

function withoutHandlers(tagName: string, attribs: Record<string, string>) {
  const refreshes = tagName === 'meta' && 'http-equiv' in attribs;
  const kept = Object.entries(attribs).filter(
    ([name]) =>
      !refreshes && !name.startsWith('on') && name !== 'srcdoc' && name !== 'formaction' && name !== 'action',
  );
  return { tagName, attribs: Object.fromEntries(kept) };
}
