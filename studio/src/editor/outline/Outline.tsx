import { valueAt } from '@sirene/core/base/maps';
import { Box, Flex, Heading } from '@chakra-ui/react';
import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext } from '@dnd-kit/sortable';
import { definitionOf, type Element as WidgetElement } from '@sirene/core/document/elements';
import { moveTo, type Direction } from '@sirene/core/document/widget';
import { useRef, useState } from 'react';
import { onPress } from '../../app/keymap.ts';
import { titleOfScene } from '../../shared/scene-names.ts';
import { useElementCommands } from '../commands.ts';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { useSelection } from '../state/selection.ts';
import { useView } from '../state/view.ts';
import { AddMenu } from './AddMenu.tsx';
import { OutlineItem } from './OutlineItem.tsx';
import { outlineRows, rowsBetween } from './rows.ts';

/** Names the row of the widget itself, as ids name those of its elements. */
const widgetRow = 'the-widget';

const stayInPlace = () => null;

// The same at every drawing: given others, every row would be drawn anew.
const dragBegins = { activationConstraint: { distance: 5 } };

const rowOf = (target: EventTarget): string | undefined =>
  (target as Element).closest<HTMLElement>('[data-row]')?.dataset['row'];

/** The very same list while its entries are the same, or every row would be drawn again at every key press. */
function useSameList(list: string[]): string[] {
  const [kept, keep] = useState(list);
  if (kept.join(' ') === list.join(' ')) return kept;
  keep(list);
  return list;
}

/**
 * The tree of the scene on the stage. Dragged with the pointer; by keyboard the arrows walk, with Shift they select more,
 * and with Alt they move what is selected.
 */
export function Outline() {
  const { session } = useEditing();
  const { selection, select, also, selectAlso, selectAll } = useSelection();
  const { scene } = useView();
  const { moveSelected } = useElementCommands();
  const document = useSettledDocument();
  const list = useRef<HTMLDivElement>(null);
  const [renaming, rename] = useState<string | null>(null);
  const sensors = useSensors(useSensor(PointerSensor, dragBegins));
  const rows = outlineRows(document, scene);
  const items = useSameList(rows.filter(({ region }) => !region).map(({ id }) => id));
  const last = also.at(-1) ?? selection;
  const at = rows.findIndex(({ id }) => id === last);

  const dropped = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const [from, to] = [active.id, over.id].map((id) => rows.findIndex((row) => row.id === id)) as [
      number,
      number,
    ];
    const target = valueAt(document.elements, String(over.id));
    const down = to > from;
    const side = down && target && definitionOf(target).container ? 'inside' : down ? 'after' : 'before';
    const operation =
      moveTo(session.document, String(active.id), String(over.id), side) ??
      moveTo(session.document, String(active.id), String(over.id), 'after');
    if (operation) session.apply(operation);
  };

  const focusRow = (id: string) =>
    requestAnimationFrame(() => list.current?.querySelector<HTMLElement>(`[data-row="${id}"]`)?.focus());
  // Presses and focus are heard here: a row that got a function of its own anew would be drawn anew at every key press.
  const onClick = ({ target, ctrlKey, metaKey, shiftKey }: React.MouseEvent) => {
    const id = rowOf(target);
    if (id === undefined) return;
    if (id === widgetRow) select(null);
    else if (ctrlKey || metaKey) selectAlso(id);
    else if (shiftKey && selection) selectAll(rowsBetween(rows, selection, id));
    else select(id);
  };
  const onFocus = ({ target }: React.FocusEvent) => {
    // By key or by assistive technology; a press is heard as a click, with the keys that are held.
    if (!target.matches('[data-row][aria-selected=false]:not(:active)')) return;
    const id = rowOf(target) as string;
    select(id === widgetRow ? null : id);
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    if (renaming !== null) return;
    const move = (direction: Direction) => () => {
      if (!selection) return;
      moveSelected(direction);
      focusRow(selection);
    };
    const walk = (step: 1 | -1, more: boolean) => () => {
      if (step < 0 && at === 0) {
        select(null);
        return focusRow(widgetRow);
      }
      const next = rows[at < 0 ? 0 : at + step];
      if (!next) return;
      if (more && selection) selectAll(rowsBetween(rows, selection, next.id));
      else select(next.id);
      focusRow(next.id);
    };
    onPress(event.nativeEvent, {
      moveUp: move('up'),
      moveDown: move('down'),
      moveOut: move('out'),
      moveIn: move('in'),
      previous: walk(-1, false),
      next: walk(1, false),
      alsoPrevious: walk(-1, true),
      alsoNext: walk(1, true),
      rename: () => selection && at >= 0 && rename(selection),
      selectAll: () => selectAll(items),
    });
  };

  return (
    <Flex as="section" aria-label="Outline" direction="column" bg="sheet" minH="0" contain="strict">
      <Flex align="center" justify="space-between" px="3" h="36px" borderBottomWidth="1px" flex="none">
        <Heading as="h2" fontSize="14px" fontWeight="600">
          {titleOfScene(document, scene)}
        </Heading>
        <AddMenu />
      </Flex>
      <Box
        ref={list}
        flex={rows.length > 0 ? '1' : undefined}
        overflow="auto"
        py="2"
        role="tree"
        aria-label="Elements"
        aria-multiselectable
        onClick={onClick}
        onFocus={onFocus}
        onKeyDown={onKeyDown}
      >
        <WidgetRow selected={selection === null} name={document.name} />
        <DndContext
          sensors={sensors}
          collisionDetection={pointerWithin}
          onDragEnd={dropped}
          accessibility={{ container: globalThis.document.body }}
        >
          <SortableContext items={items} strategy={stayInPlace}>
            {rows.map((row) => (
              <OutlineItem
                key={row.id}
                {...row}
                element={valueAt(document.elements, row.id) as WidgetElement}
                focusable={row.id === last}
                selected={row.id === selection || also.includes(row.id)}
                renaming={renaming === row.id}
                onRename={rename}
              />
            ))}
          </SortableContext>
        </DndContext>
      </Box>
      {rows.length === 0 && (
        <Box px="4" pb="6" color="slate" flex="1">
          Nothing here yet. Add a heading first, then the rest.
        </Box>
      )}
    </Flex>
  );
}

function WidgetRow({ selected, name }: { selected: boolean; name: string }) {
  return (
    <Flex
      role="treeitem"
      data-row={widgetRow}
      aria-selected={selected}
      aria-level={1}
      tabIndex={selected ? 0 : -1}
      px="3"
      h="30px"
      align="center"
      fontWeight="600"
      cursor="pointer"
      bg={selected ? 'wash' : undefined}
      boxShadow={selected ? 'inset 3px 0 0 {colors.deep}' : undefined}
    >
      <Box truncate>{name}</Box>
    </Flex>
  );
}
