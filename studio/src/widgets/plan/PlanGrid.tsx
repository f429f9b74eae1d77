import { Box } from '@chakra-ui/react';
import { placeOf } from '@sirene/core/behaviour';
import type { PlannedPage, PlanRow } from '@sirene/core/rehearse/plan';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useRef } from 'react';
import type { PlannedWidget } from '../../shared/api/index.ts';
import { clashState, PresenceMark, presenceNames } from './marks.tsx';

/** A cell of the plan, by the places of its page and its widget. */
export interface Chosen {
  page: number;
  widget: number;
}

interface Props {
  pages: readonly PlannedPage[];
  widgets: readonly PlannedWidget[];
  /** Those that have been worked out. */
  rows: readonly PlanRow[];
  chosen: Chosen | null;
  onChoose(cell: Chosen): void;
}

// px
const rowHeight = 30;
const columnWidth = 92;
const pageWidth = 220;
const headHeight = 62;

/** Draws what of the plan can be seen, so that hundreds of pages and widgets scroll as smoothly as ten. */
export function PlanGrid({ pages, widgets, rows, chosen, onChoose }: Props) {
  const scroller = useRef<HTMLDivElement>(null);
  const common = { getScrollElement: () => scroller.current };
  // eslint-disable-next-line react-hooks/incompatible-library -- what its functions return changes with the scrolling; nothing here keeps it
  const down = useVirtualizer({
    ...common,
    count: pages.length,
    estimateSize: () => rowHeight,
    paddingStart: headHeight,
    overscan: 6,
  });
  const across = useVirtualizer({
    ...common,
    horizontal: true,
    count: widgets.length,
    estimateSize: () => columnWidth,
    paddingStart: pageWidth,
    overscan: 3,
  });
  const focus = (cell: Chosen) => {
    onChoose(cell);
    down.scrollToIndex(cell.page);
    across.scrollToIndex(cell.widget);
    requestAnimationFrame(() =>
      scroller.current?.querySelector<HTMLElement>(`[data-cell="${cell.page} ${cell.widget}"]`)?.focus(),
    );
  };
  const onKey = (event: React.KeyboardEvent) => {
    const step = steps.get(event.key);
    if (!step) return;
    event.preventDefault();
    const from = chosen ?? { page: 0, widget: 0 };
    focus({
      page: Math.min(pages.length - 1, Math.max(0, from.page + step[0])),
      widget: Math.min(widgets.length - 1, Math.max(0, from.widget + step[1])),
    });
  };
  return (
    <Box
      ref={scroller}
      role="grid"
      aria-label="Page plan"
      aria-rowcount={pages.length + 1}
      aria-colcount={widgets.length + 1}
      bg="sheet"
      borderWidth="1px"
      rounded="md"
      flex="1"
      minW="0"
      maxH="calc(100dvh - 210px)"
      overflow="auto"
      onKeyDown={onKey}
    >
      <Box position="relative" style={{ height: down.getTotalSize(), width: across.getTotalSize() }}>
        <Box
          role="row"
          aria-rowindex={1}
          position="sticky"
          top="0"
          zIndex="2"
          h={`${headHeight}px`}
          bg="paper"
          borderBottomWidth="1px"
        >
          <Box
            role="columnheader"
            position="sticky"
            left="0"
            zIndex="1"
            w={`${pageWidth}px`}
            h="full"
            bg="paper"
            borderInlineEndWidth="1px"
            px="3"
            display="flex"
            alignItems="end"
            pb="2"
            fontWeight="600"
            fontSize="13px"
          >
            Page
          </Box>
          {across.getVirtualItems().map(({ index, start }) => (
            <Box
              key={index}
              role="columnheader"
              aria-colindex={index + 2}
              position="absolute"
              top="0"
              left={`${start}px`}
              w={`${columnWidth}px`}
              h="full"
              px="1.5"
              pb="2"
              display="flex"
              alignItems="end"
              justifyContent="center"
              textAlign="center"
              fontSize="12px"
              lineHeight="1.2"
              fontWeight="600"
              title={widgets[index]?.name}
            >
              <Box as="span" lineClamp={3}>
                {widgets[index]?.name}
              </Box>
            </Box>
          ))}
        </Box>
        {down.getVirtualItems().map(({ index, start }) => (
          <Box
            key={index}
            role="row"
            aria-rowindex={index + 2}
            position="absolute"
            left="0"
            right="0"
            top={`${start}px`}
            h={`${rowHeight}px`}
            borderBottomWidth="1px"
          >
            <Box
              role="rowheader"
              position="sticky"
              left="0"
              zIndex="1"
              w={`${pageWidth}px`}
              h="full"
              bg="sheet"
              borderInlineEndWidth="1px"
              px="3"
              display="flex"
              alignItems="center"
              fontFamily="mono"
              fontSize="12.5px"
              title={pages[index]?.address}
            >
              <Box as="span" truncate>
                {placeOf(pages[index]?.address ?? '').path}
              </Box>
            </Box>
            {across.getVirtualItems().map((column) => (
              <Cell
                key={column.index}
                row={rows[index]}
                widget={widgets[column.index]}
                cell={{ page: index, widget: column.index }}
                left={column.start}
                isChosen={chosen?.page === index && chosen.widget === column.index}
                isFirst={!chosen && index === 0 && column.index === 0}
                onChoose={onChoose}
              />
            ))}
          </Box>
        ))}
      </Box>
    </Box>
  );
}

const steps: ReadonlyMap<string, readonly [page: number, widget: number]> = new Map([
  ['ArrowUp', [-1, 0]],
  ['ArrowDown', [1, 0]],
  ['ArrowLeft', [0, -1]],
  ['ArrowRight', [0, 1]],
  ['PageUp', [-10, 0]],
  ['PageDown', [10, 0]],
] as const);

interface CellProps {
  row: PlanRow | undefined;
  widget: PlannedWidget | undefined;
  cell: Chosen;
  left: number;
  isChosen: boolean;
  isFirst: boolean;
  onChoose(cell: Chosen): void;
}

function Cell({ row, widget, cell, left, isChosen, isFirst, onChoose }: CellProps) {
  const presence = row?.presence[cell.widget];
  const own = row?.clashes.filter(({ one, other }) => one === widget?.id || other === widget?.id) ?? [];
  const clash = clashState(own);
  const said = clash === 'none' ? '' : `, ${own.length} ${clash} ${own.length === 1 ? 'clash' : 'clashes'}`;
  return (
    <Box
      role="gridcell"
      aria-colindex={cell.widget + 2}
      aria-selected={isChosen}
      aria-label={presence ? `${widget?.name}: ${presenceNames[presence]}${said}` : 'Being worked out'}
      data-cell={`${cell.page} ${cell.widget}`}
      tabIndex={isChosen || isFirst ? 0 : -1}
      position="absolute"
      top="0"
      left={`${left}px`}
      w={`${columnWidth}px`}
      h="full"
      display="flex"
      alignItems="center"
      justifyContent="center"
      cursor="pointer"
      bg={isChosen ? 'wash' : undefined}
      _hover={{ bg: 'wash' }}
      _focusVisible={{ outline: '2px solid', outlineColor: 'deep', outlineOffset: '-2px' }}
      onClick={() => onChoose(cell)}
    >
      {presence && <PresenceMark presence={presence} clash={clash} />}
    </Box>
  );
}
