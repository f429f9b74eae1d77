import { Box } from '@chakra-ui/react';
import { placeOf } from '@sirene/core/behaviour';
import type { Clash, PlannedPage, PlanRow } from '@sirene/core/rehearse/plan';
import { useVirtualizer, type VirtualItem } from '@tanstack/react-virtual';
import { memo, useMemo, useRef } from 'react';
import type { PlannedWidget } from '../../shared/api/index.ts';
import { clashState, markLooks, presenceNames } from './marks.tsx';

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
  // Both are drawn at once: a way down and across would otherwise be drawn twice within a frame (bench/plan).
  const common = { getScrollElement: () => scroller.current, useFlushSync: false };
  // eslint-disable-next-line react-hooks/incompatible-library -- what its functions return changes with the scrolling; nothing here keeps it
  const down = useVirtualizer({
    ...common,
    count: pages.length,
    estimateSize: () => rowHeight,
    paddingStart: headHeight,
    overscan: 4,
  });
  const across = useVirtualizer({
    ...common,
    horizontal: true,
    count: widgets.length,
    estimateSize: () => columnWidth,
    paddingStart: pageWidth,
    overscan: 2,
  });
  const rowsSeen = down.getVirtualItems();
  const found = across.getVirtualItems();
  // Read once: what the virtualizer gives makes each item when it is asked for.
  const columns = useMemo(() => found.map(({ index, start }) => ({ index, start })), [found]);
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
      css={looks}
    >
      <Box position="relative" style={{ height: down.getTotalSize(), width: across.getTotalSize() }}>
        <div role="row" aria-rowindex={1}>
          <div role="columnheader">Page</div>
          {columns.map(({ index, start }) => (
            <div
              key={index}
              role="columnheader"
              aria-colindex={index + 2}
              style={{ left: start }}
              title={widgets[index]?.name}
            >
              <span>{widgets[index]?.name}</span>
            </div>
          ))}
        </div>
        <div data-pages aria-hidden>
          {rowsSeen.map(({ index, start }) => (
            <div key={index} title={pages[index]?.address} style={{ top: start }}>
              <span>{placeOf(pages[index]?.address ?? '').path}</span>
            </div>
          ))}
        </div>
        {rowsSeen.map(({ index, start }) => (
          <PlannedRow
            key={index}
            page={index}
            address={pages[index]?.address ?? ''}
            row={rows[index]}
            widgets={widgets}
            columns={columns}
            top={start}
            chosen={chosen?.page === index ? chosen.widget : -1}
            entry={!chosen && index === 0}
            onChoose={onChoose}
          />
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

interface RowProps {
  page: number;
  address: string;
  row: PlanRow | undefined;
  widgets: readonly PlannedWidget[];
  columns: readonly Pick<VirtualItem, 'index' | 'start'>[];
  /** px */
  top: number;
  /** The place of the chosen widget, or -1. */
  chosen: number;
  /** Whether Tab comes to its first cell while none is chosen. */
  entry: boolean;
  onChoose(cell: Chosen): void;
}

/** A page with what each widget is on it. Drawn again only when something of it is another. */
const PlannedRow = memo(function PlannedRow(props: RowProps) {
  const { page, address, row, widgets, columns, top, chosen, entry, onChoose } = props;
  const clashes = useMemo(() => clashesOf(row), [row]);
  return (
    <div role="row" aria-rowindex={page + 2} style={{ top }}>
      <div role="rowheader">{placeOf(address).path}</div>
      {columns.map(({ index, start }) => (
        <Cell
          key={index}
          page={page}
          widget={index}
          name={widgets[index]?.name ?? ''}
          presence={row?.presence[index]}
          clashes={clashes.get(widgets[index]?.id ?? '') ?? none}
          left={start}
          chosen={chosen === index}
          entry={entry && index === 0}
          onChoose={onChoose}
        />
      ))}
    </div>
  );
});

const none: readonly Clash[] = [];

interface CellProps extends Chosen, Pick<RowProps, 'entry' | 'onChoose'> {
  name: string;
  presence: PlanRow['presence'][number] | undefined;
  clashes: readonly Clash[];
  /** px */
  left: number;
  chosen: boolean;
}

/** What a widget is on a page. Most of those that can be seen stay as they are while the plan is scrolled. */
const Cell = memo(function Cell(props: CellProps) {
  const { page, widget, name, presence, clashes, left, chosen, entry, onChoose } = props;
  return (
    <div
      role="gridcell"
      aria-colindex={widget + 2}
      aria-selected={chosen}
      aria-label={presence ? `${name}: ${presenceNames[presence]}${said(clashes)}` : 'Being worked out'}
      data-cell={`${page} ${widget}`}
      tabIndex={chosen || entry ? 0 : -1}
      style={{ left }}
      data-presence={presence}
      data-clash={clashState(clashes)}
      onClick={() => onChoose({ page, widget })}
    />
  );
});

/** The clashes of a page by widget; each is told of both. */
function clashesOf(row: PlanRow | undefined): ReadonlyMap<string, readonly Clash[]> {
  const found = new Map<string, Clash[]>();
  for (const clash of row?.clashes ?? [])
    for (const widget of [clash.one, clash.other]) {
      const own = found.get(widget);
      if (own) own.push(clash);
      else found.set(widget, [clash]);
    }
  return found;
}

const said = (clashes: readonly Clash[]) =>
  clashes.length === 0
    ? ''
    : `, ${clashes.length} ${clashState(clashes)} ${clashes.length === 1 ? 'clash' : 'clashes'}`;

/**
 * The looks of all cells in one place: a component of the library for each cell took ten times as long as the cell itself
 * (bench/plan).
 */
const looks = {
  '& [role=row]': {
    position: 'absolute',
    insetInline: '0',
    contain: 'layout style',
    height: `${rowHeight}px`,
    borderBottomWidth: '1px',
  },
  '& [role=row][aria-rowindex="1"]': {
    position: 'sticky',
    top: '0',
    zIndex: '2',
    height: `${headHeight}px`,
    bg: 'paper',
    fontWeight: '600',
  },
  '& [role=columnheader], & [role=gridcell]': {
    position: 'absolute',
    top: '0',
    width: `${columnWidth}px`,
    height: 'full',
    display: 'flex',
    justifyContent: 'center',
  },
  '& [role=columnheader]': {
    paddingInline: '1.5',
    paddingBottom: '2',
    alignItems: 'end',
    textAlign: 'center',
    fontSize: '12px',
    lineHeight: '1.2',
    '& > span': { lineClamp: '3' },
  },
  '& [role=columnheader]:first-of-type, & [data-pages]': {
    position: 'sticky',
    left: '0',
    zIndex: '1',
    width: `${pageWidth}px`,
    height: 'full',
    borderInlineEndWidth: '1px',
  },
  '& [role=columnheader]:first-of-type': {
    bg: 'paper',
    fontSize: '13px',
    paddingInline: '3',
    justifyContent: 'start',
  },
  // What stands fast beside the rows is one layer: one for each row, and one for all that is drawn after it, took most of the time of a
  // scroll (bench/plan). The row's own header is there for who hears it.
  '& [role=rowheader]': { srOnly: true },
  '& [data-pages]': { marginTop: `-${headHeight}px`, bg: 'sheet', fontFamily: 'mono', fontSize: '12.5px' },
  '& [data-pages] > div': {
    position: 'absolute',
    width: 'full',
    height: `${rowHeight}px`,
    borderBottomWidth: '1px',
    paddingInline: '3',
    display: 'flex',
    alignItems: 'center',
    '& > span': { truncate: true },
  },
  '& [role=gridcell]': {
    contain: 'strict',
    ...markLooks,
    alignItems: 'center',
    cursor: 'pointer',
    '&:hover, &[aria-selected=true]': { bg: 'wash' },
    '&:focus-visible': { outline: '2px solid', outlineColor: 'deep', outlineOffset: '-2px' },
  },
} as const;
