import { Box } from '@chakra-ui/react';
import { compileWidget, type CompiledWidget } from '@sirene/core/render';
import type { Brand } from '@sirene/core/style';
import type { WidgetDocument } from '@sirene/core/widget';
import { useEffect, useRef } from 'react';

interface Props {
  document: WidgetDocument;
  brand: Brand;
  width: number;
  height: number;
}

/** A small true picture of a widget: its own compiled output, made smaller. */
export function WidgetPicture({ document, brand, width, height }: Props) {
  const frame = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const host = frame.current;
    if (!host) return;
    const root = host.shadowRoot ?? host.attachShadow({ mode: 'open' });
    draw(root, compileWidget(document, brand), width, height);
  }, [document, brand, width, height]);
  return (
    <Box
      ref={frame}
      aria-hidden
      inert
      w={`${width}px`}
      h={`${height}px`}
      bg="wash"
      borderWidth="1px"
      rounded="sm"
      overflow="hidden"
      display="grid"
      placeItems="center"
    />
  );
}

// A picture is of the box alone: it stands still, in the flow, whatever its placement.
const still =
  '.box{position:static!important;display:block!important;animation:none!important;max-height:none!important}';

function draw(root: ShadowRoot, body: CompiledWidget, width: number, height: number): void {
  const css = new CSSStyleSheet();
  css.replaceSync(`${body.css}${still}:host{display:grid!important;place-items:center}`);
  root.adoptedStyleSheets = [css];
  const natural = body.placement.width;
  root.innerHTML = `<div style="width:${natural}px"><div class="box" style="width:100%">${body.scenes.opening ?? ''}</div></div>`;
  const holder = root.firstElementChild as HTMLElement;
  const scale = Math.min((width - 12) / natural, (height - 12) / Math.max(holder.offsetHeight, 1), 1);
  holder.style.scale = String(scale);
  holder.style.flex = 'none';
  holder.style.margin = `${(-holder.offsetHeight * (1 - scale)) / 2}px ${(-natural * (1 - scale)) / 2}px`;
}
