import { Box, Input } from '@chakra-ui/react';
import {
  measureText,
  readMeasure,
  steppedMeasure,
  type Measure,
  type MeasureRule,
} from '@sirene/core/base/measure';
import { useEffect, useId, useRef, useState } from 'react';

export interface FieldProps {
  id?: string | undefined;
  label?: string | undefined;
  /** How far an arrow key goes; ten times as far with Shift. */
  step?: number | undefined;
  /** Called when the field is emptied; without it an emptied field goes back to its value. */
  onClear?: (() => void) | undefined;
  placeholder?: string | undefined;
  /** What stands behind a plain number, such as px; the label says it otherwise. */
  suffix?: string | undefined;
  /** Little room: the number stands in the middle. */
  bare?: boolean;
  width?: string | undefined;
}

interface Props extends FieldProps, MeasureRule {
  value: Measure | undefined;
  onChange(value: Measure): void;
}

/**
 * A number, with a unit where the rule keeps units, or a sum. It is taken while it is typed; what is out of range is
 * taken at its limit when the field is left, and the field says so.
 */
export function MeasureInput({
  id,
  label,
  step = 1,
  onClear,
  placeholder,
  suffix,
  bare,
  width,
  value,
  onChange,
  ...rule
}: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const [note, setNote] = useState<string | null>(null);
  const noteId = useId();
  useEffect(() => {
    if (note === null) return;
    const timer = setTimeout(() => setNote(null), noteStays);
    return () => clearTimeout(timer);
  }, [note]);
  // What leaving takes up again, if the typed text is not to stay.
  const latest = useRef(typed);
  const show = (text: string | null) => {
    latest.current = text;
    setTyped(text);
  };

  const type = (text: string) => {
    show(text);
    setNote(null);
    if (text.trim() === '') return onClear?.();
    const read = readMeasure(text, rule);
    if ('measure' in read) onChange(read.measure);
  };

  const settle = () => {
    const text = latest.current;
    show(null);
    if (text === null || text.trim() === '') return;
    const read = readMeasure(text, rule);
    if ('measure' in read) return;
    if (read.nearest !== undefined) onChange(read.nearest);
    setNote(
      read.nearest === undefined
        ? `${read.reason}. “${shortened(text)}” was not taken`
        : `${read.reason}: set to that`,
    );
  };

  const press = (event: React.KeyboardEvent) => {
    const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (event.key === 'Enter') settle();
    // Undone, the field shows what is there again, not what was typed.
    if ((event.ctrlKey || event.metaKey) && /^[zy]$/i.test(event.key)) show(null);
    if (event.key === 'Escape' && typed !== null) show(null);
    if (!by || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    const next = steppedMeasure(value, by * step * (event.shiftKey ? 10 : 1), rule);
    show(null);
    setNote(null);
    if (next !== value) onChange(next);
  };

  const shown = typed ?? measureText(value);
  const plain = suffix !== undefined && /^[\d.-]+$/.test(shown);
  const invalid = typed !== null && typed.trim() !== '' && !('measure' in readMeasure(typed, rule));
  return (
    <Box position="relative" minW="0" w={width ?? 'full'} flex={width ? 'none' : '1'}>
      <Input
        id={id}
        aria-label={label}
        inputMode="text"
        autoComplete="off"
        size="xs"
        minW="0"
        w="full"
        px={bare ? '0' : '1.5'}
        style={plain ? { paddingInlineEnd: `calc(${Math.min(suffix.length, 8)}ch + 8px)` } : undefined}
        textAlign={bare ? 'center' : undefined}
        fontVariantNumeric="tabular-nums"
        placeholder={placeholder}
        value={shown}
        aria-invalid={invalid}
        aria-describedby={note === null ? undefined : noteId}
        css={invalid ? { borderColor: 'wine', color: 'wine' } : undefined}
        onChange={(event) => type(event.target.value)}
        onBlur={settle}
        onKeyDown={press}
      />
      {plain && (
        <Box
          aria-hidden
          position="absolute"
          insetEnd="1.5"
          maxW="60%"
          overflow="hidden"
          whiteSpace="nowrap"
          top="0"
          h="full"
          display="flex"
          alignItems="center"
          color="slate"
          fontSize="11px"
          pointerEvents="none"
        >
          {suffix}
        </Box>
      )}
      <Box
        id={noteId}
        role="status"
        position="absolute"
        insetEnd="0"
        top="calc(100% + 2px)"
        zIndex="dropdown"
        w="max-content"
        maxW="220px"
        px={note === null ? undefined : '2'}
        py={note === null ? undefined : '1'}
        rounded="sm"
        bg="ink"
        color="paper"
        fontSize="12px"
        lineHeight="1.3"
        pointerEvents="none"
      >
        {note}
      </Box>
    </Box>
  );
}

const noteStays = 6000;

const shortened = (text: string): string => (text.length > 24 ? `${text.slice(0, 23)}…` : text);
