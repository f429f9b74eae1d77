import { Box, Button, Flex, Input, NativeSelect } from '@chakra-ui/react';
import { moveTo, rootsOf } from '@sirene/core/widget';
import { Monitor, Smartphone, Tablet } from 'lucide-react';
import { useEffect, useLayoutEffect, useReducer, useRef, useState } from 'react';
import { pathOf } from '../../shared/format.ts';
import type { Rehearsal } from '../journey/rehearsal.ts';
import { useDocument, useEditor, widths, type Width } from '../state/editor.tsx';
import { dropAt, type Drop } from './drop.ts';
import { editText } from './text-editing.ts';

const widthNames: Record<Width, [string, typeof Monitor]> = {
  phone: ['Phone', Smartphone],
  tablet: ['Tablet', Tablet],
  desktop: ['Desktop', Monitor],
};

const emptyPage =
  '<!doctype html><title>Empty page</title><body style="margin:0;min-height:1600px;background:#fff"><main></main>';

/** The site's own page with the widget on it, drawn by the code that visitors run. */
export function Stage({ rehearsal }: { rehearsal: Rehearsal | null }) {
  const editor = useEditor();
  const { stage, page, pages, setPage, width, setWidth } = editor;
  const area = useRef<HTMLDivElement>(null);
  const frame = useRef<HTMLIFrameElement>(null);
  const [room, setRoom] = useState({ width: 640, height: 480 });
  const [zoom, setZoom] = useState<number | null>(null);

  useLayoutEffect(() => {
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setRoom({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    if (area.current) observer.observe(area.current);
    return () => observer.disconnect();
  }, []);

  const fitted = Math.min(1, room.width / width);
  const scale = zoom ?? fitted;
  const height = Math.round(room.height / scale);
  const loaded = () => {
    const inside = frame.current?.contentDocument;
    if (inside) stage.attach(inside);
  };
  return (
    <Flex direction="column" minW="0" minH="0" bg="wash">
      <Flex align="center" gap="2" px="3" h="40px" borderBottomWidth="1px" bg="sheet">
        <NativeSelect.Root size="xs" w="230px">
          <NativeSelect.Field
            aria-label="Page on the stage"
            value={page?.id ?? ''}
            onChange={(event) => {
              const chosen = pages.find(({ id }) => id === event.target.value);
              if (chosen) setPage(chosen);
            }}
          >
            {pages.length === 0 && <option value="">Empty page</option>}
            {pages.map(({ id, address, title }) => (
              <option key={id} value={id}>
                {pathOf(address)} · {title}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
        <Flex role="group" aria-label="Screen" gap="1" ml="auto">
          {(Object.keys(widths) as Width[]).toReversed().map((name) => {
            const [label, Icon] = widthNames[name];
            return (
              <Button
                key={name}
                size="xs"
                variant={widths[name] === width ? 'subtle' : 'ghost'}
                colorPalette="plain"
                px="2"
                aria-pressed={widths[name] === width}
                aria-label={`${label}, ${widths[name]} px`}
                title={`${label}, ${widths[name]} px`}
                onClick={() => setWidth(widths[name])}
              >
                <Icon size={15} aria-hidden />
              </Button>
            );
          })}
        </Flex>
        <Input
          type="number"
          size="xs"
          w="68px"
          px="1.5"
          min={240}
          max={2560}
          aria-label="Width of the stage, px"
          fontFamily="mono"
          fontSize="12px"
          defaultValue={width}
          key={width}
          onBlur={(event) => {
            const { valueAsNumber, validity } = event.target;
            if (validity.valid && Number.isFinite(valueAsNumber)) setWidth(valueAsNumber);
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter') event.currentTarget.blur();
          }}
        />
        <NativeSelect.Root size="xs" w="86px">
          <NativeSelect.Field
            aria-label="Zoom"
            fontFamily="mono"
            fontSize="12px"
            value={zoom ?? 'fit'}
            onChange={({ target }) => setZoom(target.value === 'fit' ? null : Number(target.value))}
          >
            <option value="fit">{Math.round(fitted * 100)} %</option>
            {[0.5, 0.75, 1, 1.5, 2].map((one) => (
              <option key={one} value={one}>
                {one * 100} %
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      </Flex>
      <Box
        ref={area}
        flex="1"
        minH="0"
        position="relative"
        overflow={zoom === null ? 'hidden' : 'auto'}
        m="3"
      >
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
            ref={frame}
            title="The site’s page"
            // Forms only so that a rehearsed one can be sent; the page's policy lets none of its own go anywhere.
            sandbox="allow-same-origin allow-forms"
            {...(page ? { src: `/stage/pages/${page.id}` } : { srcDoc: emptyPage })}
            onLoad={loaded}
            style={{ width: '100%', height: '100%', border: 0, display: 'block' }}
          />
          {!rehearsal && <Overlay scale={scale} />}
        </Box>
      </Box>
    </Flex>
  );
}

interface Press {
  id: string;
  x: number;
  y: number;
}

/** Selection, and what is dragged: drawn above the frame, never in it. */
function Overlay({ scale }: { scale: number }) {
  const { stage, session, selection, select } = useEditor();
  const document = useDocument();
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  const sheet = useRef<HTMLDivElement>(null);
  const [hovered, setHovered] = useState<string | null>(null);
  const [drop, setDrop] = useState<Drop | null>(null);
  const press = useRef<Press | null>(null);

  useEffect(() => {
    // Fonts and the entrance move things after they are drawn.
    let timers: ReturnType<typeof setTimeout>[] = [];
    const follow = () => {
      redraw();
      timers.forEach(clearTimeout);
      timers = [60, 320, 900].map((wait) => setTimeout(redraw, wait));
    };
    follow();
    const stop = stage.subscribe(follow);
    return () => {
      stop();
      timers.forEach(clearTimeout);
    };
  }, [stage]);
  useEffect(() => {
    const view = stage.page?.defaultView;
    view?.addEventListener('scroll', redraw, { passive: true });
    return () => view?.removeEventListener('scroll', redraw);
  });

  const pointOf = ({ clientX, clientY }: { clientX: number; clientY: number }) => {
    const { left, top } = sheet.current?.getBoundingClientRect() ?? { left: 0, top: 0 };
    return { x: (clientX - left) / scale, y: (clientY - top) / scale };
  };
  const hit = (event: React.PointerEvent | React.MouseEvent) => {
    const { x, y } = pointOf(event);
    return stage.elementAt(x, y);
  };
  const roots = rootsOf(document).map(([, root]) => root);

  const onMove = (event: React.PointerEvent) => {
    const from = press.current;
    const point = pointOf(event);
    if (!from) return setHovered(hit(event));
    if (!drop && Math.hypot(point.x - from.x, point.y - from.y) < 6) return;
    setDrop(dropAt(stage, document, from.id, point));
  };
  const onUp = () => {
    const operation = press.current && drop && moveTo(document, press.current.id, drop.target, drop.side);
    if (operation) session.apply(operation);
    press.current = null;
    setDrop(null);
  };

  const rect = selection === null || document.elements[selection] ? stage.rectOf(selection) : null;
  const hoverRect = hovered && hovered !== selection && hovered !== 'widget' ? stage.rectOf(hovered) : null;
  const editing = stage.editedText !== null;
  return (
    <Box
      ref={sheet}
      position="absolute"
      inset="0"
      overflow="hidden"
      data-stage-sheet
      pointerEvents={editing ? 'none' : 'auto'}
      cursor={drop ? 'grabbing' : 'default'}
      onPointerDown={(event) => {
        const id = hit(event);
        select(id === 'widget' || id === null || roots.includes(id) ? null : id);
        if (id && id !== 'widget' && !roots.includes(id)) {
          press.current = { id, ...pointOf(event) };
          event.currentTarget.setPointerCapture(event.pointerId);
        }
      }}
      onPointerMove={onMove}
      onPointerUp={onUp}
      onPointerLeave={() => setHovered(null)}
      onDoubleClick={(event) => {
        const id = hit(event);
        if (id && id !== 'widget') editText(stage, session, id, redraw);
      }}
      onWheel={(event) => {
        const inside = stage.mounted?.root.querySelector('.scene');
        const overWidget = hit(event) !== null && inside && inside.scrollHeight > inside.clientHeight;
        if (overWidget) inside.scrollTop += event.deltaY / scale;
        else stage.page?.defaultView?.scrollBy(0, event.deltaY / scale);
      }}
    >
      {hoverRect && <Outline rect={hoverRect} tone="hover" scale={scale} />}
      {rect && <Outline rect={rect} tone={editing ? 'editing' : 'selected'} scale={scale} />}
      {drop && (
        <Box
          position="absolute"
          bg="flare"
          pointerEvents="none"
          style={{ left: drop.line.x, top: drop.line.y, width: drop.line.width, height: drop.line.height }}
        />
      )}
    </Box>
  );
}

function Outline({
  rect,
  tone,
  scale,
}: {
  rect: DOMRect;
  tone: 'hover' | 'selected' | 'editing';
  scale: number;
}) {
  const line = (tone === 'hover' ? 1 : 2) / scale;
  return (
    <Box
      position="absolute"
      pointerEvents="none"
      style={{
        left: rect.left - line,
        top: rect.top - line,
        width: rect.width + line * 2,
        height: rect.height + line * 2,
        border: `${line}px ${tone === 'hover' ? 'dashed' : 'solid'} #0E6470`,
      }}
    />
  );
}
