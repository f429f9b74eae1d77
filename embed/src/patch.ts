import type { CompiledWidget } from '@sirene/core/render';
import type { SceneName } from '@sirene/core/widget';
import morphdom from 'morphdom';
import { boxHtml, type Mounted } from './mount.ts';

/**
 * Brings a mounted widget up to a newer compiled body in place: only what differs is touched, so focus, scroll and
 * entrance motion stay as they are. For the studio; visitors never need it.
 *
 * @param keep an element whose content is being edited on the stage and must not be written over
 * @returns false when the placement differs in kind, so that the widget has to be mounted anew
 */
export function patch(
  mounted: Mounted,
  body: CompiledWidget,
  scene: SceneName,
  keep: string | null,
): boolean {
  if (mounted.body.placement.type !== body.placement.type) return false;
  if (mounted.body.css !== body.css) mounted.sheet.replaceSync(body.css);
  if (mounted.body.label !== body.label) mounted.box.setAttribute('aria-label', body.label);
  const same = mounted.sceneName === scene && mounted.body.scenes[scene] === body.scenes[scene];
  const sameClose = boxHtml(mounted.body, 'teaser').length === boxHtml(body, 'teaser').length;
  mounted.body = body;
  mounted.sceneName = scene;
  if (same && sameClose) return true;
  const next = mounted.box.cloneNode(false) as HTMLElement;
  next.innerHTML = boxHtml(body, scene);
  morphdom(mounted.box, next, {
    onBeforeElUpdated: (from, to) => (keep === null || from.dataset['e'] !== keep) && !from.isEqualNode(to),
  });
  return true;
}
