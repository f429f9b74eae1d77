import { Box } from '@chakra-ui/react';
import { useEffect, useReducer } from 'react';
import { useDocument, useEditing } from '../state/editing.ts';
import { useView } from '../state/view.ts';
import { MarkBar } from '../text/MarkBar.tsx';
import type { TextEditing } from './text-editing.ts';

/** What the passage selected on the stage can be given, above the text. */
export function TextTools({ editing, scale }: { editing: TextEditing; scale: number }) {
  const { brand } = useEditing();
  const { stage } = useView();
  const [, redraw] = useReducer((count: number) => count + 1, 0);
  useDocument();
  useEffect(() => editing.onSelect(redraw), [editing]);
  const rect = stage.rectOf(editing.id);
  if (!editing.rich || !rect) return null;
  const high = 40 / scale;
  const above = rect.top > high;
  return (
    <Box
      position="absolute"
      pointerEvents="auto"
      bg="sheet"
      borderWidth="1px"
      rounded="md"
      boxShadow="md"
      p="1"
      transformOrigin={above ? '0 100%' : '0 0'}
      style={{
        left: Math.max(0, rect.left),
        [above ? 'bottom' : 'top']: above
          ? `calc(100% - ${rect.top - 6 / scale}px)`
          : rect.bottom + 6 / scale,
        transform: `scale(${1 / scale})`,
      }}
    >
      <MarkBar brand={brand} passage={editing.passage()} onMark={editing.mark} />
    </Box>
  );
}
