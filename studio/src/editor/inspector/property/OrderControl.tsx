import { valueAt } from '@sirene/core/base/maps';
import { Flex, IconButton, Stack, Text } from '@chakra-ui/react';
import { ArrowDown, ArrowUp } from 'lucide-react';
import type { PropertyControlProps } from './control-props.ts';

/** Pieces from top to foot, each moved by a button. */
export function OrderControl({ id, property, value, onChange }: PropertyControlProps<string[]>) {
  const swap = (at: number, other: number) => {
    const next = [...value];
    [next[at], next[other]] = [value[other] as string, value[at] as string];
    onChange(next);
  };
  return (
    <Stack id={id} as="ol" role="group" aria-label={property.label} gap="0.5" listStyleType="none">
      {value.map((piece, at) => {
        const name = valueAt(property.options, piece) ?? piece;
        return (
          <Flex as="li" key={piece} align="center" bg="wash" rounded="sm" ps="2">
            <Text flex="1" fontSize="13px">
              {name}
            </Text>
            <IconButton
              size="2xs"
              variant="ghost"
              colorPalette="plain"
              aria-label={`${name} up`}
              disabled={at === 0}
              onClick={() => swap(at, at - 1)}
            >
              <ArrowUp size={13} aria-hidden />
            </IconButton>
            <IconButton
              size="2xs"
              variant="ghost"
              colorPalette="plain"
              aria-label={`${name} down`}
              disabled={at === value.length - 1}
              onClick={() => swap(at, at + 1)}
            >
              <ArrowDown size={13} aria-hidden />
            </IconButton>
          </Flex>
        );
      })}
    </Stack>
  );
}
