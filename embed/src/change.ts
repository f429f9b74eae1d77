/** An element of a widget whose HTML is another than before. */
export interface Change {
  id: string;
  html: string;
}

const opening = / data-e="([^"]*)"/g;
/** How far back an element is looked for in the text, characters: the nearest that holds a change is close to it. */
const reach = 20_000;

/**
 * The innermost element that holds all that differs between two versions of a widget's HTML, so that it alone has to be
 * parsed: of a thousand elements on the stage a key press changes one (bench/stage).
 *
 * @param htmlOf what an element is written as in the newer version
 * @returns `null` where they differ in more than one such element
 */
export function changeOf(
  before: string,
  after: string,
  htmlOf: (id: string) => string | undefined,
): Change | null {
  const from = sameStart(before, after);
  const to = after.length - sameEnd(before, after, from);
  const base = Math.max(0, from - reach);
  const found = [...after.slice(base, from).matchAll(opening)].reverse();
  for (const { 1: id = '', index } of found) {
    const start = after.lastIndexOf('<', base + index);
    const html = htmlOf(id);
    if (html !== undefined && start + html.length >= to && after.startsWith(html, start)) return { id, html };
  }
  return null;
}

function sameStart(one: string, other: string): number {
  const most = Math.min(one.length, other.length);
  let at = 0;
  while (at < most && one.charCodeAt(at) === other.charCodeAt(at)) at++;
  return at;
}

/** How much is the same at the end, not reaching back beyond what is the same at the start. */
function sameEnd(one: string, other: string, start: number): number {
  const most = Math.min(one.length, other.length) - start;
  let length = 0;
  while (
    length < most &&
    one.charCodeAt(one.length - 1 - length) === other.charCodeAt(other.length - 1 - length)
  )
    length++;
  return length;
}
