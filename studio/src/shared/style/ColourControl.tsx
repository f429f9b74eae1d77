import { Box, Flex, Grid, Input, Popover, Portal, Stack, Text } from '@chakra-ui/react';
import {
  aliasPath,
  brandTokens,
  hexOf,
  opacityOf,
  valueProblem,
  withOpacity,
  type Brand,
  type TokenGroup,
} from '@sirene/core/style';
import { useId, useState } from 'react';
import { NumberInput } from '../NumberInput.tsx';
import { tokensOf, unsetText, type StyleControlProps } from './control-props.ts';

// Text that has no colour would not be there.
const isOfText = new Set(['color', 'linkColor']);

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
      mayBeNone={!isOfText.has(property.name)}
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
  group: TokenGroup | undefined;
  /** Whether it may be no colour at all. */
  mayBeNone?: boolean;
  /** A token that can't be offered: the one that is being set. */
  without?: string;
  onChange(colour: string): void;
}

/** A swatch that opens the brand's colours and a field for one's own. */
export function ColourField({
  id,
  label,
  value,
  empty = 'None',
  brand,
  group,
  mayBeNone = false,
  without,
  onChange,
}: Props) {
  const opacityId = useId();
  const [typed, setTyped] = useState<string | null>(null);
  const token = aliasPath(value);
  const css = token ? (brandTokens(brand).get(token)?.css ?? '') : value;
  const shown = typed ?? hexOf(css);
  const isNone = css !== '' && opacityOf(css) === 0;
  const choose = (colour: string) => {
    setTyped(null);
    onChange(colour);
  };
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
            {css === '' ? empty : token ? token.replace(/^color\./, '') : isNone ? 'None' : hexOf(css)}
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
                <Grid templateColumns="1fr 1fr" gap="1" maxH="200px" overflow="auto" p="0.5">
                  {mayBeNone && (
                    <ColourChoice
                      name="None"
                      colour="transparent"
                      chosen={!token && isNone}
                      onChoose={() => choose('transparent')}
                    />
                  )}
                  {tokensOf(brand, group)
                    .filter(({ path }) => path !== without)
                    .map(({ path, name, css: colour }) => (
                      <ColourChoice
                        key={path}
                        name={name}
                        colour={colour}
                        chosen={token === path}
                        onChoose={() => choose(`{${path}}`)}
                      />
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
                {css !== '' && !isNone && (
                  <Flex align="center" gap="2" fontSize="13px">
                    <label htmlFor={`${opacityId}-opacity`}>Opacity</label>
                    <Box flex="1">
                      <NumberInput
                        id={`${opacityId}-opacity`}
                        unit="%"
                        suffix="%"
                        min={1}
                        max={100}
                        value={Math.round(opacityOf(css) * 100)}
                        onChange={(percent) => choose(withOpacity(css, percent / 100))}
                      />
                    </Box>
                  </Flex>
                )}
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

interface ColourChoiceProps {
  name: string;
  colour: string;
  chosen: boolean;
  onChoose(): void;
}

/** A colour to choose, with its name. */
function ColourChoice({ name, colour, chosen, onChoose }: ColourChoiceProps) {
  return (
    <Flex
      as="button"
      align="center"
      gap="1.5"
      p="1"
      minW="0"
      rounded="sm"
      title={name}
      aria-label={name}
      aria-pressed={chosen}
      outline={chosen ? '2px solid {colors.deep}' : undefined}
      outlineOffset="-1px"
      _hover={{ bg: 'paper' }}
      onClick={onChoose}
    >
      <Swatch colour={colour} size={20} />
      <Text as="span" truncate fontSize="12px">
        {name}
      </Text>
    </Flex>
  );
}

/** A colour as it is, over a chequered background that shows through where it is clear. */
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
