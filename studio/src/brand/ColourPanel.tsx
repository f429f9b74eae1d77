import { valueAt } from '@sirene/core/base/maps';
import { Button, Flex, Input, Stack, Text } from '@chakra-ui/react';
import { tokenAt, withColourScale, withToken } from '@sirene/core/review/brand';
import { brandTokens, colourScale, colourValue, type TokenValue } from '@sirene/core/style';
import { useState } from 'react';
import { Section } from '../shared/Section.tsx';
import { ColourField, Swatch } from '../shared/style/ColourControl.tsx';
import { useBrandEditing } from './brand-context.ts';
import { tokenName } from './token-name.ts';
import { TokenRow } from './TokenRow.tsx';

const purposes: Readonly<Record<string, string>> = {
  ground: 'page background',
  soft: 'subtle background',
  ink: 'text',
  quiet: 'secondary text',
  line: 'borders',
  accent: 'buttons, badges',
  'accent-strong': 'hover',
  'on-accent': 'text on accent',
  danger: 'errors',
  veil: 'backdrop',
};

/** The brand's colours: what each is for, those of its own, and scales made from one. */
export function ColourPanel() {
  const { brand } = useBrandEditing();
  const paths = [...brandTokens(brand).values()]
    .filter(({ type }) => type === 'color')
    .map(({ path }) => path);
  const isPurpose = (path: string) => path.startsWith('color.') && path.slice(6) in purposes;
  const own = paths.filter((path) => !isPurpose(path));
  return (
    <>
      <Section title="Semantic colours">
        {paths.filter(isPurpose).map((path) => (
          <ColourRow key={path} path={path} help={valueAt(purposes, path.slice(6))} />
        ))}
      </Section>
      <Section title="More colours" open={own.length > 0}>
        {own.length === 0 && <Text color="slate">None yet. Add one, or a scale of ten.</Text>}
        {own.map((path) => (
          <ColourRow key={path} path={path} />
        ))}
        <AddColour />
      </Section>
      <Section title="Scale from one colour" open={false}>
        <AddScale />
      </Section>
    </>
  );
}

function ColourRow({ path, help }: { path: string; help?: string | undefined }) {
  const { brand } = useBrandEditing();
  const value = tokenAt(brand.tokens, path)?.$value;
  const text = typeof value === 'string' ? value : (brandTokens(brand).get(path)?.css ?? '');
  return (
    <TokenRow path={path} help={help}>
      {(id, set) => (
        <ColourField
          id={id}
          label={path}
          value={text}
          brand={brand}
          group="color"
          without={path}
          onChange={(colour) => set(asToken(colour))}
        />
      )}
    </TokenRow>
  );
}

const asToken = (colour: string): TokenValue =>
  colour.startsWith('{') ? colour : (colourValue(colour) ?? colour);

function AddColour() {
  const { brand, change } = useBrandEditing();
  const [name, setName] = useState('');
  const path = `color.${tokenName(name)}`;
  const taken = tokenAt(brand.tokens, path) !== undefined;
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        if (!tokenName(name) || taken) return;
        change(withToken(brand, path, colourValue('#8a8f94') ?? '#8a8f94'), path);
        setName('');
      }}
    >
      <Flex gap="2">
        <Input
          size="xs"
          aria-label="Colour name"
          placeholder="Name, such as moss"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <Button
          type="submit"
          size="xs"
          variant="outline"
          colorPalette="plain"
          disabled={!tokenName(name) || taken}
        >
          Add a colour
        </Button>
      </Flex>
      {taken && name && (
        <Text role="alert" fontSize="12px" color="wine" mt="1">
          There is already a colour with that name.
        </Text>
      )}
    </form>
  );
}

function AddScale() {
  const { brand, change } = useBrandEditing();
  const [name, setName] = useState('shade');
  const [colour, setColour] = useState(brandTokens(brand).get('color.accent')?.css ?? '#20566b');
  const shades = Object.entries(colourScale(colour));
  return (
    <Stack gap="2">
      <Text fontSize="13px" color="slate">
        Ten shades of one hue, in perceptually even steps.
      </Text>
      <Flex gap="2">
        <Input
          size="xs"
          aria-label="Scale name"
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <input
          type="color"
          aria-label="Scale colour"
          value={/^#[0-9a-f]{6}$/i.test(colour) ? colour : '#20566b'}
          onChange={(event) => setColour(event.target.value)}
          style={{ width: 44, height: 28, padding: 0, border: 0, background: 'none' }}
        />
      </Flex>
      <Flex gap="1">
        {shades.map(([step, hex]) => (
          <Swatch key={step} colour={hex} size={30} />
        ))}
      </Flex>
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        alignSelf="start"
        disabled={!tokenName(name) || shades.length === 0}
        onClick={() => change(withColourScale(brand, tokenName(name), colour), '')}
      >
        Add ten colours
      </Button>
    </Stack>
  );
}
