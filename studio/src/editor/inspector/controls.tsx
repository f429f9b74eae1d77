import { Box, Flex, Grid, Input, NativeSelect, Popover, Portal, Stack, Text } from '@chakra-ui/react';
import {
  aliasPath,
  brandTokens,
  valueProblem,
  type Brand,
  type StyleProperty,
  type Value,
} from '@sirene/core/style';
import { useState } from 'react';

interface ControlProps {
  id: string;
  property: StyleProperty;
  /** The value as set, and with aliases followed. */
  value: Value | undefined;
  css: string;
  brand: Brand;
  onChange(value: Value): void;
}

/** The control for a style property, chosen by its kind. */
export function StyleControl(props: ControlProps) {
  switch (props.property.kind) {
    case 'colour':
      return <ColourControl {...props} />;
    case 'keyword':
      return (
        <Choice
          id={props.id}
          value={String(props.value ?? '')}
          options={props.property.options ?? {}}
          onChange={props.onChange}
        />
      );
    case 'font':
    case 'shadow':
      return <TokenOrText {...props} />;
    default:
      return <NumberControl {...props} />;
  }
}

function tokensOf(brand: Brand, group: string | undefined): { path: string; name: string; css: string }[] {
  if (!group) return [];
  return [...brandTokens(brand).values()]
    .filter(({ path }) => path.startsWith(`${group}.`))
    .map(({ path, css }) => ({ path, name: path.slice(group.length + 1), css }));
}

/** A select of plain choices. */
export function Choice({
  id,
  value,
  options,
  onChange,
}: {
  id: string;
  value: string;
  options: Readonly<Record<string, string>>;
  onChange(value: string): void;
}) {
  return (
    <NativeSelect.Root size="xs">
      <NativeSelect.Field id={id} value={value} onChange={(event) => onChange(event.target.value)}>
        {!(value in options) && <option value={value}>as around</option>}
        {Object.entries(options).map(([option, label]) => (
          <option key={option} value={option}>
            {label}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}

function ColourControl({ id, property, value, css, brand, onChange }: ControlProps) {
  const [typed, setTyped] = useState<string | null>(null);
  const token = aliasPath(value);
  const shown = typed ?? css;
  const problem = typed === null ? null : valueProblem(property.name, typed);
  const type = (text: string) => {
    setTyped(text);
    if (valueProblem(property.name, text) === null) onChange(text);
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
          align="center"
          gap="2"
          borderWidth="1px"
          rounded="sm"
          px="1.5"
          h="28px"
          minW="0"
          cursor="pointer"
        >
          <Swatch colour={css} />
          <Text as="span" truncate fontSize="13px">
            {css === '' ? 'None' : token ? token.replace(/^color\./, '') : css}
          </Text>
        </Flex>
      </Popover.Trigger>
      <Portal>
        <Popover.Positioner>
          <Popover.Content w="236px" aria-label={property.label}>
            <Popover.Body p="3">
              <Stack gap="3">
                <Text fontSize="13px" fontWeight="600">
                  From the brand
                </Text>
                <Grid templateColumns="repeat(6, 28px)" gap="2">
                  {tokensOf(brand, property.tokens).map(({ path, name, css: colour }) => (
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
                  Own colour
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

function Swatch({ colour, size = 16 }: { colour: string; size?: number }) {
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

function NumberControl({ id, property, value, css, brand, onChange }: ControlProps) {
  const tokens = tokensOf(brand, property.tokens);
  const sides = Array.isArray(value);
  const numbers = css.split(' ').map(parseFloat);
  const set = (at: number, text: string) => {
    const number = Number(text);
    if (text === '' || valueProblem(property.name, number) !== null) return;
    onChange(sides ? (value.with(at, number) as [number, number, number, number]) : number);
  };
  const names = ['top', 'right', 'bottom', 'left'];
  return (
    <Flex gap="1" minW="0">
      {(sides ? [...value] : [numbers[0] ?? 0]).map((_, at) => (
        <Input
          key={at}
          id={at === 0 ? id : undefined}
          aria-label={sides ? `${property.label}, ${names[at]}` : undefined}
          type="number"
          size="xs"
          px={sides ? '0' : '1.5'}
          textAlign={sides ? 'center' : undefined}
          // Four in a row leave no room for the browser's arrows; the arrow keys still work.
          css={
            sides
              ? { appearance: 'textfield', '&::-webkit-inner-spin-button': { display: 'none' } }
              : undefined
          }
          minW="0"
          min={property.min}
          max={property.max}
          step={property.step ?? 1}
          value={css === '' ? '' : (numbers[at] ?? '')}
          onChange={(event) => set(at, event.target.value)}
        />
      ))}
      {tokens.length > 0 && !sides && (
        <NativeSelect.Root size="xs" w="82px" flex="none">
          <NativeSelect.Field
            aria-label={`${property.label} from the brand`}
            value={aliasPath(value) ?? ''}
            onChange={(event) => onChange(`{${event.target.value}}`)}
            px="1.5"
          >
            <option value="" disabled>
              own
            </option>
            {tokens.map(({ path, name }) => (
              <option key={path} value={path}>
                {name}
              </option>
            ))}
          </NativeSelect.Field>
          <NativeSelect.Indicator />
        </NativeSelect.Root>
      )}
    </Flex>
  );
}

function TokenOrText({ id, property, value, css, brand, onChange }: ControlProps) {
  const tokens = tokensOf(brand, property.tokens);
  const options = Object.fromEntries(tokens.map(({ path, name }) => [`{${path}}`, name]));
  const none: Record<string, string> = property.kind === 'shadow' ? { none: 'none' } : {};
  const own = typeof value === 'string' && !(value in options) ? { [value]: css } : {};
  return (
    <Choice
      id={id}
      value={String(value ?? '')}
      options={{ ...options, ...none, ...own }}
      onChange={onChange}
    />
  );
}
