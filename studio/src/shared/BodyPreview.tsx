import { writeHtml } from '@sirene/embed/markup';
import { Box } from '@chakra-ui/react';
import type { CompiledWidget } from '@sirene/core/compile';
import { previewSize } from '@sirene/core/document/placement';
import type { State } from '@sirene/core/style';
import type { SceneName } from '@sirene/core/document/widget';
import { loadFonts } from '@sirene/embed/fonts';
import { boxHtml } from '@sirene/embed/mount';
import { served } from '@sirene/core/base/served';
import { forcedCss } from './forced-css.ts';
import { previews } from './in-turn.ts';
import { writeSamples } from './samples.ts';
import { memo, useEffect, useRef } from 'react';

interface Props {
  /** Not there yet, only its place is. */
  body: CompiledWidget | undefined;
  width: number;
  height: number;
  scene?: SceneName;
  /** Shown as if everything were in it. */
  state?: State | null;
}

/** A small true preview of a compiled widget: its own HTML and CSS, made smaller. */
export const BodyPreview = memo(function BodyPreview({
  body,
  width,
  height,
  scene = 'opening',
  state = null,
}: Props) {
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const host = frame.current;
    if (!host || !body) return;
    const root = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
    return previews.add(() => draw(root, body, scene, state, width, height));
  }, [body, scene, state, width, height]);
  return (
    <Box
      ref={frame}
      aria-hidden
      inert
      w={`${width}px`}
      h={`${height}px`}
      flex="none"
      bg="wash"
      borderWidth="1px"
      rounded="sm"
      overflow="hidden"
      display="grid"
      placeItems="center"
      contain="strict"
    />
  );
});

// A preview is of the box alone: it stands still, in the flow, whatever its placement.
const still =
  '.box{position:static!important;display:flex!important;flex-direction:column;animation:none!important;max-height:none!important;max-width:none!important;margin:0!important;inset:auto!important;width:100%!important;min-height:var(--least,0)!important;height:auto!important}' +
  '*{animation:none!important;transition:none!important}[data-unseen]{opacity:1!important}:host{display:grid!important;place-items:center}';

function draw(
  root: ShadowRoot,
  body: CompiledWidget,
  scene: SceneName,
  state: State | null,
  width: number,
  height: number,
): void {
  const css = new CSSStyleSheet();
  css.replaceSync(served(body.css, '') + still + (state ? forcedCss(body.css, state) : ''));
  root.adoptedStyleSheets = [css];
  loadFonts(document, body.fonts, '');
  const { width: wide, least } = previewSize(body.placement);
  root.innerHTML = `<div style="width:${wide}px;--least:${least}px"><div class="box">${served(boxHtml(body, scene), '')}</div></div>`;
  const holder = root.firstElementChild as HTMLElement;
  const box = holder.firstElementChild as HTMLElement;
  writeSamples({ box, root, body, write: writeHtml }, 2, Date.now());
  if (state) for (const one of box.querySelectorAll('*')) one.setAttribute('data-forced', '');
  const scale = Math.min((width - 12) / wide, (height - 12) / Math.max(holder.offsetHeight, 1), 1);
  holder.style.scale = String(scale);
  holder.style.flex = 'none';
  holder.style.margin = `${(-holder.offsetHeight * (1 - scale)) / 2}px ${(-wide * (1 - scale)) / 2}px`;
}
