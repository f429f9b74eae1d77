import { valueAt } from '@sirene/core/base/maps';
import { Box } from '@chakra-ui/react';
import { moveTo, rootsOf } from '@sirene/core/document/widget';
import { useEffect, useReducer, useRef, useState } from 'react';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { useSelection } from '../state/selection.ts';
import { useView } from '../state/view.ts';
import { dropAt, type Drop } from './drop.ts';
import { Handle } from './Handle.tsx';
import { Measures } from './Measures.tsx';
import { editText, type TextEditing } from './text-editing.ts';
import { TextTools } from './TextTools.tsx';

interface Press {
  id: string;
  x: number;
  y: number;
}

/** Draws again whenever what stands on the stage may have moved. */
function useStageMoves(): () => void {
  const { stage } = useView();
  const [, redraw] = useReducer((count: number) => count + 1, 0);
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
  const { page } = stage;
  useEffect(() => {
    const view = page?.defaultView;
    if (!view) return;
    view.addEventListener('scroll', redraw, { passive: true });
    // Images of the client's page that come late push the widget down without a word.
    const observer = new ResizeObserver(redraw);
    observer.observe(page.body);
    return () => {
      view.removeEventListener('scroll', redraw);
      observer.disconnect();
    };
  }, [page]);
  return redraw;
}

/** Whether a key that only changes how things are shown is held. */
function useHeld(key: string): boolean {
  const [held, setHeld] = useState(false);
  useEffect(() => {
    const on = (event: KeyboardEvent) => event.key === key && setHeld(event.type === 'keydown');
    const off = () => setHeld(false);
    addEventListener('keydown', on);
    addEventListener('keyup', on);
    addEventListener('blur', off);
    return () => {
      removeEventListener('keydown', on);
      removeEventListener('keyup', on);
      removeEventListener('blur', off);
    };
  }, [key]);
  return held;
}

/** Selection, handles, measures and what is dragged: drawn above the frame, never in it. */
export function Overlay({ scale }: { scale: number }) {
  const { session } = useEditing();
  const { selection, select, also, selectAlso } = useSelection();
  const { stage } = useView();
  const document = useSettledDocument();
  const redraw = useStageMoves();
  const measuring = useHeld('Alt');
  const sheet = useRef<HTMLDivElement>(null);
  const [hovered, setHovered] = useState<string | null>(null);
  const [drop, setDrop] = useState<Drop | null>(null);
  const [drawing, setDrawing] = useState(false);
  const [editing, setEditing] = useState<TextEditing | null>(null);
  const press = useRef<Press | null>(null);

  const pointOf = ({ clientX, clientY }: { clientX: number; clientY: number }) => {
    const { left, top } = sheet.current?.getBoundingClientRect() ?? { left: 0, top: 0 };
    return { x: (clientX - left) / scale, y: (clientY - top) / scale };
  };
  const hit = (event: React.PointerEvent | React.MouseEvent) => {
    const { x, y } = pointOf(event);
    return stage.elementAt(x, y);
  };
  const roots = rootsOf(document).map(([, root]) => root);
  const isElement = (id: string | null): id is string =>
    id !== null && id !== 'widget' && !roots.includes(id);

  const onMove = (event: React.PointerEvent) => {
    const from = press.current;
    const point = pointOf(event);
    if (!from) return setHovered(hit(event));
    if (!drop && Math.hypot(point.x - from.x, point.y - from.y) < 6) return;
    setDrop(dropAt(stage, session.document, from.id, point));
  };
  const onUp = () => {
    const operation =
      press.current && drop && moveTo(session.document, press.current.id, drop.target, drop.side);
    if (operation) session.apply(operation);
    press.current = null;
    setDrop(null);
  };

  const rect = selection === null || valueAt(document.elements, selection) ? stage.rectOf(selection) : null;
  const hoverRect = hovered && hovered !== selection && hovered !== 'widget' ? stage.rectOf(hovered) : null;
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
        if ((event.ctrlKey || event.metaKey || event.shiftKey) && isElement(id)) return selectAlso(id);
        select(isElement(id) ? id : null);
        if (isElement(id)) {
          press.current = { id, ...pointOf(event) };
          event.currentTarget.setPointerCapture(event.pointerId);
        }
      }}
      onPointerMove={onMove}
      onPointerUp={onUp}
      onPointerLeave={() => setHovered(null)}
      onDoubleClick={(event) => {
        const id = hit(event);
        if (!isElement(id)) return;
        const begun = editText(stage, session, id, pointOf(event), () => {
          setEditing(null);
          redraw();
        });
        setEditing(begun);
      }}
      onWheel={(event) => {
        const inside = stage.mounted?.root.querySelector('.scene');
        const overWidget = hit(event) !== null && inside && inside.scrollHeight > inside.clientHeight;
        if (overWidget) inside.scrollTop += event.deltaY / scale;
        else stage.page?.defaultView?.scrollBy(0, event.deltaY / scale);
      }}
    >
      {[...stage.delays].map(([id, seconds]) => (
        <Delay key={id} rect={stage.rectOf(id)} seconds={seconds} scale={scale} />
      ))}
      {hoverRect && <Outline rect={hoverRect} tone="hover" scale={scale} />}
      {also.map((id) => {
        const one = stage.rectOf(id);
        return one && <Outline key={id} rect={one} tone="selected" scale={scale} />;
      })}
      {rect && <Outline rect={rect} tone={editing ? 'editing' : 'selected'} scale={scale} />}
      {selection !== null && (drop || drawing || measuring) && <Measures id={selection} scale={scale} />}
      {rect && !editing && also.length === 0 && <Handle rect={rect} scale={scale} onDraw={setDrawing} />}
      {editing && <TextTools editing={editing} scale={scale} />}
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

/** When an element appears that is drawn faded, since it comes later than the widget. */
function Delay({ rect, seconds, scale }: { rect: DOMRect | null; seconds: number; scale: number }) {
  if (!rect) return null;
  return (
    <Box
      position="absolute"
      pointerEvents="none"
      bg="ink"
      color="paper"
      whiteSpace="nowrap"
      style={{
        left: rect.right,
        top: rect.top,
        translate: '-100% -50%',
        fontSize: 11 / scale,
        padding: `${1 / scale}px ${5 / scale}px`,
        borderRadius: 8 / scale,
      }}
    >
      after {seconds} s
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
