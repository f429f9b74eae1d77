import { Box } from '@chakra-ui/react';
import { conditionOf } from '@sirene/core/style';
import { useRef } from 'react';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { useSelection } from '../state/selection.ts';
import { useView } from '../state/view.ts';
import { resized, resizingOf } from './resizing.ts';

interface Props {
  rect: DOMRect;
  scale: number;
  /** Told while it is drawn. */
  onDraw(drawing: boolean): void;
}

const long = 28;
const thick = 8;

/** The handle by which the selection is drawn larger and smaller. The inspector has the same figure for the keyboard. */
export function Handle({ rect, scale, onDraw }: Props) {
  const { session } = useEditing();
  const { selection } = useSelection();
  const { condition, stage } = useView();
  const document = useSettledDocument();
  const press = useRef<{ at: number; size: number } | null>(null);
  const at = conditionOf({ screen: condition.screen, state: null });
  const resizing = resizingOf(document, selection, at);
  if (!resizing) return null;
  const upright = resizing.property === 'width';
  const place = (event: React.PointerEvent) => (upright ? event.clientX : event.clientY) / scale;
  const middle = upright ? rect.top + rect.height / 2 : rect.left + rect.width / 2;
  const edge = resizing.edge === 'left' ? rect.left : resizing.edge === 'right' ? rect.right : rect.bottom;
  return (
    <Box
      aria-hidden
      data-handle={resizing.property}
      position="absolute"
      bg="sheet"
      borderColor="deep"
      rounded="full"
      cursor={upright ? 'ew-resize' : 'ns-resize'}
      style={{
        borderWidth: 2 / scale,
        borderStyle: 'solid',
        left: upright ? edge - thick / scale / 2 : middle - long / scale / 2,
        top: upright ? middle - long / scale / 2 : edge - thick / scale / 2,
        width: (upright ? thick : long) / scale,
        height: (upright ? long : thick) / scale,
      }}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        const now = stage.rectOf(selection);
        press.current = { at: place(event), size: (upright ? now?.width : now?.height) ?? 0 };
        onDraw(true);
      }}
      onPointerMove={(event) => {
        event.stopPropagation();
        if (!press.current) return;
        const value = resized(press.current.size, place(event) - press.current.at, resizing, event.altKey);
        session.apply({ type: 'set', path: resizing.path, value }, resizing.path.join('.'));
      }}
      onPointerUp={(event) => {
        event.stopPropagation();
        press.current = null;
        onDraw(false);
      }}
    />
  );
}
