import { Button, Flex, Table, Text } from '@chakra-ui/react';
import type { WayTable } from '@sirene/core/rehearse/traffic';
import { Route } from 'lucide-react';
import { NumberInput } from '../../shared/NumberInput.tsx';
import { TitledPopover } from '../../shared/TitledPopover.tsx';

interface Props {
  table: WayTable;
  /** Nothing has been changed of what is likely. */
  isLikely: boolean;
  /** `null` goes back to what is likely. */
  onChange(table: WayTable | null): void;
}

/** The transition table of the traffic: where visits begin, and which section follows which. */
export function WayEditor({ table, isLikely, onChange }: Props) {
  const { sections, entry, next } = table;
  const rows: [title: string, shares: readonly number[], set: (shares: number[]) => WayTable][] = [
    ['Visit starts in', entry, (shares) => ({ ...table, entry: shares })],
    ...sections.map((section, at): (typeof rows)[number] => [
      `From ${nameOf(section)}`,
      next[at] ?? [],
      (shares) => ({ ...table, next: next.with(at, shares) }),
    ]),
  ];
  return (
    <TitledPopover
      title="Paths through the site"
      width="min(760px, calc(100vw - 32px))"
      placement="bottom-end"
      scrolls
      trigger={
        <Button size="xs" variant="outline" colorPalette="plain" alignSelf="start">
          <Route size={13} aria-hidden />
          Paths through the site
        </Button>
      }
    >
      <Table.Root size="sm">
        <Table.Header>
          <Table.Row>
            <Table.ColumnHeader>Next page, in %</Table.ColumnHeader>
            {sections.map((section) => (
              <Table.ColumnHeader key={section} textAlign="end" fontFamily={fontOf(section)}>
                {nameOf(section)}
              </Table.ColumnHeader>
            ))}
          </Table.Row>
        </Table.Header>
        <Table.Body>
          {rows.map(([title, shares, set]) => (
            <Table.Row key={title}>
              <Table.ColumnHeader scope="row" whiteSpace="nowrap">
                {title}
              </Table.ColumnHeader>
              {sections.map((section, to) => (
                <Table.Cell key={section} px="1">
                  <NumberInput
                    label={`${title}, next ${nameOf(section)}`}
                    unit=""
                    min={0}
                    max={100}
                    bare
                    value={Math.round((shares[to] ?? 0) * 100)}
                    onChange={(percent) => onChange(set(shares.with(to, percent / 100)))}
                  />
                </Table.Cell>
              ))}
            </Table.Row>
          ))}
        </Table.Body>
      </Table.Root>
      <Flex mt="3" gap="4" align="center" justify="space-between">
        <Text color="slate" fontSize="13px">
          A row need not add up to 100: what counts is how its numbers relate.
        </Text>
        <Button
          size="xs"
          variant="ghost"
          colorPalette="plain"
          disabled={isLikely}
          onClick={() => onChange(null)}
        >
          Reset
        </Button>
      </Flex>
    </TitledPopover>
  );
}

const nameOf = (section: string): string =>
  section === '' ? 'Home' : section === '*' ? 'Other pages' : `/${section}`;
const fontOf = (section: string) => (section === '' || section === '*' ? undefined : 'mono');
