import { Box, Flex, Heading } from '@chakra-ui/react';
import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, useSortable } from '@dnd-kit/sortable';
import { definitionOf, type Element } from '@sirene/core/elements';
import { childrenOf, moveByKey, moveTo, type Direction, type WidgetDocument } from '@sirene/core/widget';
import { Eye, EyeOff } from 'lucide-react';
import { memo, useRef, useState } from 'react';
import { useSettledDocument, useEditor } from '../state/editor.tsx';
import { AddMenu } from './AddMenu.tsx';
import { ElementIcon, iconOf } from './icons.tsx';

interface Row {
  id: string;
  depth: number;
}

/** The elements of a scene below its root, in reading order. */
function rowsOf(document: WidgetDocument, root: string): Row[] {
  const below = (id: string, depth: number): Row[] =>
    childrenOf(document.elements[id]).flatMap((child) => [{ id: child, depth }, ...below(child, depth + 1)]);
  return below(root, 0);
}

const stayInPlace = () => null;

/** The very same list while its entries are the same, or every row would be drawn again at every key press. */
function useSameList(list: string[]): string[] {
  const [kept, keep] = useState(list);
  if (kept.join(' ') === list.join(' ')) return kept;
  keep(list);
  return list;
}

const moves: Record<string, Direction> = {
  ArrowUp: 'up',
  ArrowDown: 'down',
  ArrowLeft: 'out',
  ArrowRight: 'in',
};
const sceneNames = { opening: 'Opening', thanks: 'Thanks' } as Record<string, string>;

/** The tree of the scene on the stage. Dragged with the pointer; by keyboard the arrows walk, and with Alt they move. */
export function Outline() {
  const { session, selection, select, scene } = useEditor();
  const document = useSettledDocument();
  const list = useRef<HTMLDivElement>(null);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const rows = rowsOf(document, document.scenes[scene]?.root ?? document.scenes.opening.root);
  const items = useSameList(rows.map(({ id }) => id));
  const at = rows.findIndex(({ id }) => id === selection);

  const dropped = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    const [from, to] = [active.id, over.id].map((id) => rows.findIndex((row) => row.id === id)) as [
      number,
      number,
    ];
    const target = document.elements[String(over.id)];
    const down = to > from;
    const side = down && target && definitionOf(target).container ? 'inside' : down ? 'after' : 'before';
    const operation =
      moveTo(session.document, String(active.id), String(over.id), side) ??
      moveTo(session.document, String(active.id), String(over.id), 'after');
    if (operation) session.apply(operation);
  };

  const focusRow = (id: string) => {
    select(id);
    requestAnimationFrame(() => list.current?.querySelector<HTMLElement>(`[data-row="${id}"]`)?.focus());
  };
  const onKeyDown = (event: React.KeyboardEvent) => {
    const direction = moves[event.key];
    if (event.altKey && direction && selection) {
      event.preventDefault();
      const operation = moveByKey(session.document, selection, direction);
      if (operation) session.apply(operation);
      focusRow(selection);
    } else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const next = rows[at < 0 ? 0 : at + (event.key === 'ArrowDown' ? 1 : -1)];
      if (next) focusRow(next.id);
    }
  };

  return (
    <Flex as="section" aria-label="Outline" direction="column" bg="sheet" borderEndWidth="1px" minH="0">
      <Flex align="center" justify="space-between" px="3" h="40px" borderBottomWidth="1px" flex="none">
        <Heading as="h2" fontSize="14px" fontWeight="600">
          {sceneNames[scene] ?? scene}
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
        onKeyDown={onKeyDown}
      >
        <WidgetRow selected={selection === null} onSelect={() => select(null)} name={document.name} />
        <DndContext
          sensors={sensors}
          collisionDetection={pointerWithin}
          onDragEnd={dropped}
          accessibility={{ container: globalThis.document.body }}
        >
          <SortableContext items={items} strategy={stayInPlace}>
            {rows.map((row) => (
              <ElementRow key={row.id} {...row} element={document.elements[row.id] as Element} />
            ))}
          </SortableContext>
        </DndContext>
      </Box>
      {rows.length === 0 && (
        <Box px="4" pb="6" color="slate" flex="1">
          Nothing here yet. Add a heading first, then what belongs below it.
        </Box>
      )}
    </Flex>
  );
}

function WidgetRow({ selected, onSelect, name }: { selected: boolean; onSelect: () => void; name: string }) {
  return (
    <Flex
      role="treeitem"
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
      onClick={onSelect}
      onFocus={onSelect}
    >
      <Box truncate>{name}</Box>
    </Flex>
  );
}

const ElementRow = memo(function ElementRow({ id, depth, element }: Row & { element: Element }) {
  const { session, selection, select } = useEditor();
  const { attributes, listeners, setNodeRef, isDragging, isOver } = useSortable({ id });
  const selected = selection === id;
  const title = element.title ?? definitionOf(element).title(element);
  const hide = () =>
    session.apply({
      type: 'set',
      path: ['elements', id, 'hidden'],
      value: element.hidden ? undefined : true,
    });
  return (
    <Flex
      ref={setNodeRef}
      {...attributes}
      {...listeners}
      role="treeitem"
      aria-selected={selected}
      aria-level={depth + 2}
      aria-roledescription={undefined}
      aria-describedby={undefined}
      data-row={id}
      tabIndex={selected ? 0 : -1}
      align="center"
      gap="2"
      h="30px"
      ps={`${14 + depth * 16}px`}
      pe="1"
      cursor="pointer"
      opacity={isDragging ? 0.5 : 1}
      color={element.hidden ? 'slate' : undefined}
      bg={selected ? 'wash' : undefined}
      boxShadow={
        selected ? 'inset 3px 0 0 {colors.deep}' : isOver ? 'inset 0 -2px 0 {colors.flare}' : undefined
      }
      _hover={{ bg: 'wash', '& button': { opacity: 1 } }}
      onClick={() => select(id)}
      onFocus={() => select(id)}
    >
      <ElementIcon name={iconOf(element)} />
      <Box truncate flex="1">
        {title}
      </Box>
      <HideButton hidden={element.hidden === true} title={title} onPress={hide} />
    </Flex>
  );
});

function HideButton({ hidden, title, onPress }: { hidden: boolean; title: string; onPress: () => void }) {
  const Icon = hidden ? EyeOff : Eye;
  return (
    <Box
      as="button"
      aria-label={`${hidden ? 'Show' : 'Hide'} ${title}`}
      display="grid"
      placeItems="center"
      w="24px"
      h="24px"
      opacity={hidden ? 1 : 0}
      _focusVisible={{ opacity: 1 }}
      onPointerDown={(event) => event.stopPropagation()}
      onClick={(event) => {
        event.stopPropagation();
        onPress();
      }}
    >
      <Icon size={14} aria-hidden />
    </Box>
  );
}
