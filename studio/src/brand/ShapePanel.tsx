import { Button, Flex } from '@chakra-ui/react';
import { tokenAt, withSpacing } from '@sirene/core/review/brand';
import { brandTokens, styleProperties, type StyleProperty } from '@sirene/core/style';
import { useState } from 'react';
import { NumberInput } from '../shared/NumberInput.tsx';
import { Section } from '../shared/Section.tsx';
import { ShadowControl } from '../shared/style/ShadowControl.tsx';
import { useBrandEditing } from './brand-context.ts';
import { LengthRow } from './LengthRow.tsx';
import { TokenRow } from './TokenRow.tsx';

/** The brand's corners, distances, shadows and times. */
export function ShapePanel() {
  const { brand } = useBrandEditing();
  const paths = [...brandTokens(brand).keys()];
  const inGroup = (group: string) => paths.filter((path) => path.startsWith(`${group}.`));
  return (
    <>
      <Section title="Corners">
        {inGroup('radius').map((path) => (
          <LengthRow key={path} path={path} min={0} max={60} />
        ))}
      </Section>
      <Section title="Spacing">
        {inGroup('space').map((path) => (
          <LengthRow key={path} path={path} min={0} max={96} />
        ))}
        <Spacing />
      </Section>
      <Section title="Shadows">
        {inGroup('shadow').map((path) => (
          <ShadowRow key={path} path={path} />
        ))}
      </Section>
      <Section title="Durations">
        {inGroup('duration').map((path) => (
          <LengthRow key={path} path={path} unit="ms" min={0} max={2000} step={10} />
        ))}
      </Section>
    </>
  );
}

function Spacing() {
  const { brand, change } = useBrandEditing();
  const [unit, setUnit] = useState(4);
  return (
    <Flex gap="2" align="center">
      <NumberInput
        label="Base unit"
        min={2}
        max={12}
        unit="px"
        suffix="px"
        width="64px"
        value={unit}
        onChange={setUnit}
      />
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        onClick={() => change(withSpacing(brand, unit), '')}
      >
        Apply to all
      </Button>
    </Flex>
  );
}

function ShadowRow({ path }: { path: string }) {
  const { brand } = useBrandEditing();
  const value = tokenAt(brand.tokens, path)?.$value;
  const css = brandTokens(brand).get(path)?.css ?? '';
  return (
    <TokenRow path={path}>
      {(id, set) => (
        <ShadowControl
          id={id}
          property={styleProperties['shadow'] as StyleProperty}
          value={typeof value === 'string' ? value : css}
          css={css}
          brand={brand}
          onChange={(next) => set(String(next))}
        />
      )}
    </TokenRow>
  );
}
