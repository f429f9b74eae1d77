import { Box } from '@chakra-ui/react';
import type { CompiledWidget } from '@sirene/core/compile';
import type { Brand } from '@sirene/core/style';
import type { WidgetDocument } from '@sirene/core/document/widget';
import { hang } from '@sirene/embed/parts/anchor';
import { mount } from '@sirene/embed/mount';
import { useEffect, useRef, useState } from 'react';
import { writeSamples } from '../shared/samples.ts';
import { useCompiled } from '../shared/use-compiled.ts';

interface Props {
  document: WidgetDocument;
  brand: Brand;
  /** The id of the stored page. */
  page: string;
  width: number;
  height: number;
}

/** How wide the page is drawn before it is made smaller, px: a window as most visitors have. */
const windowWidth = 1280;

/** A widget as it stands on a page of the site, small and still. */
export function OnPage({ document, brand, page, width, height }: Props) {
  const body = useCompiled(document, brand);
  const frame = useRef<HTMLIFrameElement>(null);
  const [loaded, setLoaded] = useState(0);
  useEffect(() => {
    const inner = frame.current?.contentDocument;
    if (loaded === 0 || !inner) return;
    return show(inner, body);
  }, [body, loaded]);
  const scale = width / windowWidth;
  return (
    <Box
      aria-hidden
      inert
      bg="white"
      overflow="hidden"
      contain="strict"
      borderBottomWidth="1px"
      style={{ width, height }}
    >
      <iframe
        key={page}
        ref={frame}
        tabIndex={-1}
        title="A page of the site"
        sandbox="allow-same-origin"
        loading="lazy"
        src={`/stage/pages/${page}`}
        onLoad={() => setLoaded((before) => before + 1)}
        style={{
          width: windowWidth,
          height: height / scale,
          border: 0,
          transformOrigin: '0 0',
          transform: `scale(${scale})`,
        }}
      />
    </Box>
  );
}

// What a starter hangs on is seldom on the page that is looked at; what stands in the page has no marker there yet.
function placeFor(page: Document, { placement, stand }: CompiledWidget): Element | null {
  if (placement.type === 'anchored') return page.querySelector('header a:last-of-type') ?? page.body;
  if (stand !== 'inline') return null;
  const main = page.querySelector('main') ?? page.body;
  const marker = page.createElement('div');
  marker.style.cssText = 'padding:32px;display:grid;justify-items:center';
  const after = main.firstElementChild;
  if (after) after.after(marker);
  else main.append(marker);
  return marker;
}

// Not `scrollIntoView`: that scrolls the gallery around the frame as well.
function bringToMiddle(place: Element): void {
  const view = place.ownerDocument.defaultView;
  const { top, height } = place.getBoundingClientRect();
  view?.scrollBy(0, top - (view.innerHeight - height) / 2);
}

/** Puts the widget on the page; what is given back takes it off again. */
function show(page: Document, body: CompiledWidget): () => void {
  const place = placeFor(page, body);
  const mounted = mount(page, body, place, {
    // The page has a base of its own: uploads are served by the studio.
    base: location.origin,
    takesFocus: false,
    close: () => {},
    submit: () => {},
    hang,
    written: (one) => writeSamples(one, 2, Date.now()),
  });
  if (body.stand === 'inline' && place) bringToMiddle(place);
  return () => {
    mounted.unmount(true);
    if (body.stand === 'inline') place?.remove();
  };
}
