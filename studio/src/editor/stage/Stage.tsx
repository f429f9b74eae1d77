import { Box, Flex } from '@chakra-ui/react';
import { useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { Rehearsal } from '../journey/rehearsal.ts';
import { useView } from '../state/view.ts';
import { Overlay } from './Overlay.tsx';
import { StageBar } from './StageBar.tsx';
import { scaleForWidget, type Zoom } from './zoom.ts';

const emptyPage =
  '<!doctype html><title>Empty page</title><body style="margin:0;min-height:1600px;background:#fff"><main></main>';

/** The site's own page with the widget on it, drawn by the code that visitors run. */
export function Stage({ rehearsal }: { rehearsal: Rehearsal | null }) {
  const { stage, page, width, setWidth } = useView();
  const area = useRef<HTMLDivElement>(null);
  const frame = useRef<HTMLIFrameElement>(null);
  const [room, setRoom] = useState({ width: 640, height: 480 });
  const [zoom, setZoom] = useState<Zoom>('fit');
  // As it was when it was chosen to be seen whole.
  const [widget, setWidget] = useState({ width: 400, height: 300 });

  useLayoutEffect(() => {
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setRoom({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    if (area.current) observer.observe(area.current);
    return () => observer.disconnect();
  }, []);

  const fitted = Math.min(1, room.width / width);
  const scale = zoom === 'fit' ? fitted : zoom === 'widget' ? scaleForWidget(room, widget) : zoom;
  const height = Math.round(room.height / scale);
  const choose = (next: Zoom) => {
    setWidget((before) => stage.rectOf(null) ?? before);
    setZoom(next);
  };
  useEffect(() => stage.reveal(), [stage, width]);
  useEffect(() => {
    const rect = zoom === 'widget' ? stage.rectOf(null) : null;
    if (rect) area.current?.scrollTo({ left: (rect.left + rect.width / 2) * scale - room.width / 2 });
  }, [zoom, scale, stage, room.width]);
  const loaded = () => {
    const inside = frame.current?.contentDocument;
    if (inside) stage.attach(inside);
  };
  return (
    <Flex direction="column" minW="0" minH="0" bg="wash">
      <StageBar zoom={zoom} fitted={fitted} onZoom={choose} />
      <Box data-canvas flex="1" minH="0" p="1" display="grid">
        <Box ref={area} minH="0" position="relative" overflow={zoom === 'fit' ? 'hidden' : 'auto'}>
          <Box
            position="absolute"
            top="0"
            left={`${Math.max(0, (room.width - width * scale) / 2)}px`}
            w={`${width}px`}
            h={`${height}px`}
            bg="white"
            outline="1px solid {colors.line}"
            transformOrigin="0 0"
            style={{ transform: `scale(${scale})` }}
          >
            <iframe
              key={page?.id ?? 'empty'}
              // While one edits, the page's own links and fields are no stops of the keyboard: they do nothing here.
              tabIndex={rehearsal ? 0 : -1}
              ref={frame}
              title="The site’s page"
              // Forms only so that a rehearsed one can be sent; the page's policy lets none of its own go anywhere.
              sandbox="allow-same-origin allow-forms"
              {...(page ? { src: `/stage/pages/${page.id}` } : { srcDoc: emptyPage })}
              onLoad={loaded}
              style={{ width: '100%', height: '100%', border: 0, display: 'block' }}
            />
            {!rehearsal && <Overlay scale={scale} />}
            <FreeWidth width={width} scale={scale} onChange={setWidth} />
          </Box>
        </Box>
      </Box>
    </Flex>
  );
}

interface FreeWidthProps {
  width: number;
  scale: number;
  onChange(width: number): void;
}

/** The edge of the stage, drawn to any width. */
function FreeWidth({ width, scale, onChange }: FreeWidthProps) {
  const press = useRef<{ x: number; width: number; scale: number } | null>(null);
  return (
    <Box
      aria-hidden
      data-free-width
      title="Custom width"
      position="absolute"
      top="0"
      bottom="0"
      right="0"
      cursor="ew-resize"
      _hover={{ bg: 'deep' }}
      style={{ width: 5 / scale }}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        press.current = { x: event.clientX, width, scale };
      }}
      onPointerMove={(event) => {
        const from = press.current;
        if (!from) return;
        // It stands in the middle, so that it grows to both sides.
        const wanted = Math.round(from.width + ((event.clientX - from.x) * 2) / from.scale);
        onChange(Math.min(2560, Math.max(240, wanted)));
      }}
      onPointerUp={() => (press.current = null)}
    />
  );
}
