import { Stack, Textarea } from '@chakra-ui/react';
import { markRuns, plainText, runsIn, withText, type Marking, type Run } from '@sirene/core/elements';
import { useState } from 'react';
import type { PropertyControlProps } from '../inspector/property/controls.tsx';
import { useEditor } from '../state/editor.tsx';
import { MarkBar } from './MarkBar.tsx';

/** Words with marks, typed in the inspector: what is selected in the field is what a mark is put on. */
export function RichControl({ id, value, onChange }: PropertyControlProps<Run[]>) {
  const { brand } = useEditor();
  const runs = value ?? [];
  const [[start, end], setPlaces] = useState<[number, number]>([0, 0]);
  const mark = (marking: Marking) => onChange(markRuns(runs, start, end, marking));
  return (
    <Stack gap="1">
      <Textarea
        id={id}
        size="xs"
        autoresize
        value={plainText(runs)}
        onChange={(event) => onChange(withText(runs, event.target.value))}
        onSelect={({ currentTarget }) =>
          setPlaces([currentTarget.selectionStart, currentTarget.selectionEnd])
        }
      />
      <MarkBar brand={brand} passage={runsIn(runs, start, end)} onMark={mark} />
    </Stack>
  );
}
