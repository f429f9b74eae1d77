import { Box, Link, Stack, Table, Text } from '@chakra-ui/react';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { memo, useLayoutEffect, useRef, useState } from 'react';
import { Link as RouterLink } from 'react-router';
import type { Brand, ListedWidget } from '../shared/api/index.ts';
import { ago, count, percent } from '../shared/format.ts';
import { widgetState } from '../shared/StateMark.tsx';
import { SavedPreview } from './SavedPreview.tsx';
import { WidgetMenu } from './WidgetMenu.tsx';

interface Props {
  widgets: readonly ListedWidget[];
  brand: Brand;
  onChanged(): void;
  onDeleted(widget: ListedWidget): void;
}

// Every row's, so that none has to be measured: that is a layout of the page for each.
const rowHeight = 106;

/** The table itself. Only rows near the window are drawn, so that a thousand widgets scroll like ten. */
export function WidgetTable({ widgets, brand, onChanged, onDeleted }: Props) {
  const body = useRef<HTMLTableSectionElement>(null);
  const [margin, setMargin] = useState(0);
  useLayoutEffect(() => {
    setMargin((body.current?.getBoundingClientRect().top ?? 0) + scrollY);
  }, []);
  const rows = useWindowVirtualizer({
    count: widgets.length,
    estimateSize: () => rowHeight,
    overscan: 4,
    // Rows that come into sight are drawn in a task of their own, not within the frame that scrolls.
    useFlushSync: false,
    scrollMargin: margin,
    getItemKey: (at) => widgets[at]?.id ?? at,
  });
  const drawn = rows.getVirtualItems();
  const above = (drawn[0]?.start ?? margin) - margin;
  const below = rows.getTotalSize() - ((drawn.at(-1)?.end ?? margin) - margin);
  return (
    <Box bg="sheet" borderWidth="1px" rounded="md" overflow="clip">
      <Table.Root size="sm" aria-label="Widgets" aria-rowcount={widgets.length + 1}>
        <Table.Header>
          <Table.Row bg="wash">
            <Table.ColumnHeader w="152px">Preview</Table.ColumnHeader>
            <Table.ColumnHeader>Widget</Table.ColumnHeader>
            <Table.ColumnHeader w="200px">State</Table.ColumnHeader>
            {['Views', 'Submissions', 'Rate'].map((name) => (
              <Table.ColumnHeader key={name} w="88px" textAlign="end">
                {name}
              </Table.ColumnHeader>
            ))}
            <Table.ColumnHeader w="52px">
              <Box as="span" srOnly>
                Actions
              </Box>
            </Table.ColumnHeader>
          </Table.Row>
        </Table.Header>
        <Table.Body ref={body}>
          <Room height={above} />
          {drawn.map(({ index, key }) => {
            const widget = widgets[index];
            return widget ? (
              <Table.Row key={key} h={`${rowHeight}px`} aria-rowindex={index + 2}>
                <Cells widget={widget} brand={brand} onChanged={onChanged} onDeleted={onDeleted} />
              </Table.Row>
            ) : null;
          })}
          <Room height={below} />
        </Table.Body>
      </Table.Root>
      <Text color="slate" fontSize="13px" px="3" py="2" borderTopWidth="1px">
        Views, submissions and rate cover the last 30 days.
      </Text>
    </Box>
  );
}

// Stands for the rows that are not drawn.
const Room = ({ height }: { height: number }) =>
  height > 0 ? (
    <tr aria-hidden>
      <td colSpan={7} style={{ height, padding: 0 }} />
    </tr>
  ) : null;

const Cells = memo(function Cells({
  widget,
  brand,
  ...told
}: Omit<Props, 'widgets'> & { widget: ListedWidget }) {
  const { id, name, sentence, collects, shown, submitted } = widget;
  // Where nothing can be sent there is nothing to count, unless an earlier version had a form.
  const sent =
    shown > 0 && (collects || submitted > 0) ? [count(submitted), percent(submitted / shown)] : ['–', '–'];
  const figures = [shown === 0 ? '–' : count(shown), ...sent];
  return (
    <>
      <Table.Cell>
        <SavedPreview id={id} version={widget.draftVersion} brand={brand} width={136} height={88} />
      </Table.Cell>
      <Table.Cell>
        <Link asChild fontWeight="600" fontSize="15px">
          <RouterLink to={`/widgets/${id}`}>{name}</RouterLink>
        </Link>
        <Text color="slate" mt="1" maxW="56ch" lineClamp="3" title={sentence}>
          {sentence}
        </Text>
      </Table.Cell>
      <Table.Cell>
        <Stack gap="0.5">
          {widgetState(widget)}
          <Text color="slate" fontSize="13px">
            edited {ago(widget.draftSavedAt)}
          </Text>
        </Stack>
      </Table.Cell>
      {figures.map((figure, at) => (
        <Table.Cell key={at} textAlign="end" fontFamily="mono" fontSize="13px">
          {figure}
        </Table.Cell>
      ))}
      <Table.Cell>
        <WidgetMenu widget={widget} {...told} />
      </Table.Cell>
    </>
  );
});
