import { Stack, Textarea } from '@chakra-ui/react';
import {
  markRuns,
  plainText,
  runsIn,
  withText,
  type Marking,
  type Run,
} from '@sirene/core/document/elements';
import { useCallback, useLayoutEffect, useRef, useState } from 'react';
import type { PropertyControlProps } from '../inspector/property/control-props.ts';
import { useEditing } from '../state/editing.ts';
import { MarkBar } from './MarkBar.tsx';

const nothing: Run[] = [];

/** Words with marks, typed in the inspector: what is selected in the field is what a mark is put on. */
export function RichControl({ id, value, onChange }: PropertyControlProps<Run[]>) {
  const { brand } = useEditing();
  const runs = value ?? [];
  const [[start, end], setPlaces] = useState<[number, number]>([0, 0]);
  const passage = start === end ? nothing : runsIn(runs, start, end);
  const mark = useRef<(marking: Marking) => void>(() => {});
  useLayoutEffect(() => {
    mark.current = (marking) => onChange(markRuns(runs, start, end, marking));
  });
  // The very same at every key press, so that the bar is not drawn anew: that was half of what React did for one.
  const onMark = useCallback((marking: Marking) => mark.current(marking), []);
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
      <MarkBar brand={brand} passage={passage} onMark={onMark} />
    </Stack>
  );
}
