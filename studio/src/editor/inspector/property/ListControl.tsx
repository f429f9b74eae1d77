import { Box, Button, Flex, IconButton, Stack, Text } from '@chakra-ui/react';
import type { InspectorProperty } from '@sirene/core/document/elements';
import { readPath } from '@sirene/core/document/widget';
import { ArrowDown, ArrowUp, ChevronDown, ChevronUp, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Row } from '../../../shared/Row.tsx';
import type { PropertyControlProps } from './control-props.ts';

/** An entry with another value; what every new entry has is emptied rather than taken away. */
function withKey(entry: unknown, key: string, value: unknown, blank: unknown): unknown {
  const { [key]: before, ...rest } = entry as Record<string, unknown>;
  const stays = typeof blank === 'object' && blank !== null && Object.hasOwn(blank, key);
  const empty = typeof before === 'boolean' ? false : typeof before === 'string' ? '' : before;
  const next = value === undefined && stays ? empty : value;
  return next === undefined ? rest : { ...(entry as object), [key]: next };
}

// What has no room beside a label.
const tall: ReadonlySet<InspectorProperty['control']> = new Set([
  'chat-conditions',
  'answers',
  'rich',
  'code',
]);

/** Entries that are added, ordered and taken away, each with its own properties. */
export function ListControl({
  id,
  property,
  value = [],
  onChange,
  Entry,
}: PropertyControlProps<unknown[]> & {
  /** The control of a property of an entry. */
  Entry: React.ComponentType<PropertyControlProps>;
}) {
  const { entries } = property;
  const [unfolded, setUnfolded] = useState<number | null>(null);
  if (!entries) return null;
  const moved = (at: number, to: number) => {
    const next = value.toSpliced(at, 1);
    return next.toSpliced(to, 0, value[at]);
  };
  const tool = (label: string, icon: React.ReactNode, disabled: boolean, press: () => void) => (
    <IconButton
      size="2xs"
      variant="ghost"
      colorPalette="plain"
      aria-label={label}
      disabled={disabled}
      onClick={press}
    >
      {icon}
    </IconButton>
  );
  const { open = (entry: unknown) => entry, close = (entry: unknown) => entry } = entries;
  const [first, ...others] = entries.properties;
  // In one line, what is rarely set folded below it.
  const only = others.every(({ rare }) => rare) ? first : undefined;
  const control = (entry: unknown, at: number, inner: InspectorProperty, id: string) => {
    const [key] = inner.path;
    const opened: unknown = open(entry as never);
    const set = (next: unknown) =>
      onChange(
        value.with(
          at,
          key === undefined
            ? next
            : close(withKey(opened, key, next, open(entries.blank() as never)) as never),
        ),
      );
    return <Entry id={id} property={inner} value={readPath(opened, inner.path)} onChange={set} />;
  };
  const rows = (entry: unknown, at: number, properties: readonly InspectorProperty[]) =>
    properties
      .filter((inner) => !inner.only || inner.only(open(entry as never) as never))
      .map((inner) => (
        <Box key={inner.label}>
          <Row
            label={inner.unit ? `${inner.label} (${inner.unit})` : inner.label}
            narrow
            above={tall.has(inner.control)}
          >
            {(within) => control(entry, at, inner, within)}
          </Row>
          {inner.help && (
            <Text mt="1" fontSize="12px" color="slate">
              {inner.help}
            </Text>
          )}
        </Box>
      ));
  return (
    <Stack id={id} role="group" aria-label={property.label} gap={only ? '1' : '2'}>
      {value.map((entry, at) => {
        const name = entries.title?.(entry as never) || `${property.label} ${at + 1}`;
        const tools = (
          <>
            {tool(`${name} up`, <ArrowUp size={13} aria-hidden />, at === 0, () =>
              onChange(moved(at, at - 1)),
            )}
            {tool(`${name} down`, <ArrowDown size={13} aria-hidden />, at === value.length - 1, () =>
              onChange(moved(at, at + 1)),
            )}
            {tool(
              `Remove ${name}`,
              <Trash2 size={13} aria-hidden />,
              value.length === 1 && !entries.mayBeNone,
              () => onChange(value.length === 1 ? undefined : value.toSpliced(at, 1)),
            )}
          </>
        );
        if (only) {
          return (
            <Box key={at}>
              <Flex align="center">
                <Box as="label" srOnly {...{ htmlFor: `${id}-${at}` }}>
                  {only.label}
                </Box>
                <Box flex="1" minW="0">
                  {control(entry, at, only, `${id}-${at}`)}
                </Box>
                {others.length > 0 &&
                  tool(
                    `${unfolded === at ? 'Hide' : 'Show'} details of ${name}`,
                    unfolded === at ? (
                      <ChevronUp size={13} aria-hidden />
                    ) : (
                      <ChevronDown size={13} aria-hidden />
                    ),
                    false,
                    () => setUnfolded(unfolded === at ? null : at),
                  )}
                {tools}
              </Flex>
              {unfolded === at && (
                <Stack gap="1.5" py="1.5" ps="2" ms="1" borderStartWidth="2px">
                  {rows(entry, at, others)}
                </Stack>
              )}
            </Box>
          );
        }
        return (
          <Box key={at} borderWidth="1px" rounded="sm" p="1.5">
            <Flex align="center" mb="1">
              <Text flex="1" truncate fontSize="12px" color="slate">
                {name}
              </Text>
              {tools}
            </Flex>
            <Stack gap="1.5">{rows(entry, at, entries.properties)}</Stack>
          </Box>
        );
      })}
      <Button
        size="2xs"
        variant="outline"
        colorPalette="plain"
        alignSelf="start"
        onClick={() => onChange([...value, entries.blank()])}
      >
        <Plus size={13} aria-hidden />
        Add item
      </Button>
    </Stack>
  );
}
