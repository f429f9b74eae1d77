import { Box, Flex, Grid, Input, Popover, Portal, Stack, Text } from '@chakra-ui/react';
import { aliasPath, brandTokens, hexOf, valueProblem, type Brand } from '@sirene/core/style';
import { useState } from 'react';
import { tokensOf, unsetText, type StyleControlProps } from './control-props.ts';

/** A colour of the brand, or one's own. */
export function ColourControl({ id, property, value, brand, onChange }: StyleControlProps) {
  return (
    <ColourField
      id={id}
      label={property.label}
      value={value === undefined ? '' : String(value)}
      empty={property.inherited ? unsetText(property) : 'None'}
      brand={brand}
      group={property.tokens}
      onChange={onChange}
    />
  );
}

interface Props {
  id?: string;
  label: string;
  /** A colour as CSS text, an alias, or empty for none. */
  value: string;
  brand: Brand;
  /** What is said where there is no colour. */
  empty?: string;
  /** The group of tokens that is offered. */
  group: string | undefined;
  /** A token that can't be offered: the one that is being set. */
  without?: string;
  onChange(colour: string): void;
}

/** A swatch that opens the brand's colours and a field for one's own. */
export function ColourField({ id, label, value, empty = 'None', brand, group, without, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const token = aliasPath(value);
  const css = token ? (brandTokens(brand).get(token)?.css ?? '') : value;
  const shown = typed ?? hexOf(css);
  const problem = typed === null ? null : valueProblem('color', typed);
  const type = (text: string) => {
    setTyped(text);
    if (valueProblem('color', text) === null) onChange(text);
  };
  return (
    <Popover.Root
      positioning={{ placement: 'left-start', gutter: 112 }}
      lazyMount
      unmountOnExit
      onOpenChange={() => setTyped(null)}
    >
      <Popover.Trigger asChild>
        <Flex
          as="button"
          id={id}
          aria-label={id ? undefined : label}
          align="center"
          gap="2"
          borderWidth="1px"
          rounded="sm"
          px="1.5"
          h="28px"
          w="full"
          minW="0"
          cursor="pointer"
        >
          <Swatch colour={css} />
          <Text as="span" truncate fontSize="13px">
            {css === '' ? empty : token ? token.replace(/^color\./, '') : hexOf(css)}
          </Text>
        </Flex>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w="236px" aria-label={label}>
            <Popover.Body p="3">
              <Stack gap="3">
                <Text fontSize="13px" fontWeight="600">
                  From the brand
                </Text>
                <Grid templateColumns="repeat(6, 28px)" gap="2" maxH="200px" overflow="auto" p="0.5">
                  {tokensOf(brand, group)
                    .filter(({ path }) => path !== without)
                    .map(({ path, name, css: colour }) => (
                      <Box
                        as="button"
                        key={path}
                        title={name}
                        aria-label={name}
                        aria-pressed={token === path}
                        outline={token === path ? '2px solid {colors.deep}' : undefined}
                        outlineOffset="2px"
                        rounded="sm"
                        onClick={() => {
                          setTyped(null);
                          onChange(`{${path}}`);
                        }}
                      >
                        <Swatch colour={colour} size={28} />
                      </Box>
                    ))}
                </Grid>
                <Text fontSize="13px" fontWeight="600">
                  Custom colour
                </Text>
                <Flex gap="2">
                  <input
                    type="color"
                    aria-label="Pick a colour"
                    value={/^#[0-9a-f]{6}$/i.test(shown) ? shown : '#000000'}
                    onChange={(event) => type(event.target.value)}
                    style={{ width: 36, height: 30, padding: 0, border: 0, background: 'none' }}
                  />
                  <Input
                    size="xs"
                    fontFamily="mono"
                    aria-label="Colour as text"
                    aria-invalid={problem !== null}
                    value={shown}
                    onChange={(event) => type(event.target.value)}
                  />
                </Flex>
                {problem && (
                  <Text role="alert" color="wine" fontSize="13px">
                    A colour {problem}
                  </Text>
                )}
              </Stack>
            </Popover.Body>
          </Popover.Content>
        </Popover.Positioner>
      </Portal>
    </Popover.Root>
  );
}

/** A colour as it is, over a chequered ground that shows through where it is clear. */
export function Swatch({ colour, size = 16 }: { colour: string; size?: number }) {
  return (
    <Box
      as="span"
      display="block"
      flex="none"
      rounded="sm"
      borderWidth="1px"
      style={{
        width: size,
        height: size,
        background: `linear-gradient(${colour || 'transparent'},${colour || 'transparent'}),repeating-conic-gradient(#ccc 0 25%,#fff 0 50%) 0 0/8px 8px`,
      }}
    />
  );
}
