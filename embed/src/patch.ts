import type { CompiledWidget } from '@sirene/core/compile';
import type { SceneName } from '@sirene/core/document/widget';
import morphdom from 'morphdom';
import { changeOf } from './change.ts';
import { loadFonts } from './fonts.ts';
import { rewrite } from './rules.ts';
import { boxHtml, sheetText, type Mounted } from './mount.ts';
import { served } from '@sirene/core/base/served';

/**
 * Brings a mounted widget up to a newer compiled body in place: only what differs is touched, so focus, scroll and
 * entrance motion stay as they are. For the studio; visitors never need it.
 *
 * @param keep an element whose content is being edited on the stage and must not be written over
 * @param htmlOf what an element is written as in the newer body
 * @returns false when the placement differs in kind, so that the widget has to be mounted anew
 */
export function patch(
  mounted: Mounted,
  body: CompiledWidget,
  scene: SceneName,
  keep: string | null,
  base: string,
  htmlOf: (id: string) => string | undefined = () => undefined,
): boolean {
  if (mounted.body.placement.type !== body.placement.type) return false;
  if (mounted.body.css !== body.css) {
    rewrite(mounted.sheet, sheetText(mounted.body, base), sheetText(body, base));
    loadFonts(mounted.box.ownerDocument, body.fonts, base);
  }
  if (mounted.body.label !== body.label) mounted.box.setAttribute('aria-label', body.label);
  const before = boxHtml(mounted.body, mounted.sceneName);
  const after = boxHtml(body, scene);
  mounted.body = body;
  mounted.sceneName = scene;
  if (before === after) return true;
  mounted.box.toggleAttribute('data-folded', body.placement.type === 'launcher' && scene === 'teaser');
  const change = changeOf(before, after, htmlOf);
  const node = change && mounted.box.querySelector(`[data-e="${change.id}"]`);
  const next = mounted.box.cloneNode(false) as HTMLElement;
  mounted.write(next, served(node ? change.html : after, base));
  morphdom(node ?? mounted.box, (node && next.firstElementChild) ?? next, {
    onBeforeElUpdated: (from, to) =>
      (keep === null || from.dataset['e'] !== keep) && !filledIn(from) && !from.isEqualNode(to),
  });
  return true;
}

// What the page's script has written into a countdown or a basket stays; it is written anew with the next tick.
const filledIn = ({ dataset }: HTMLElement): boolean =>
  dataset['unit'] !== undefined || dataset['label'] !== undefined || dataset['date'] !== undefined;
