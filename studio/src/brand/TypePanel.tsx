import { Button, Flex, Text } from '@chakra-ui/react';
import { tokenAt, withTypeScale } from '@sirene/core/review/brand';
import { brandTokens, shippedFonts, type Brand } from '@sirene/core/style';
import { useState } from 'react';
import { Choice } from '../shared/Choice.tsx';
import { NumberInput } from '../shared/NumberInput.tsx';
import { Row } from '../shared/Row.tsx';
import { Section } from '../shared/Section.tsx';
import { useBrandEditing } from './brand-context.ts';
import { LengthRow } from './LengthRow.tsx';
import { TokenRow } from './TokenRow.tsx';

const tokensIn = (brand: Brand, group: string) =>
  [...brandTokens(brand).keys()].filter((path) => path.startsWith(`${group}.`));

/** The brand's typefaces by role, and its sizes. */
export function TypePanel() {
  const { brand } = useBrandEditing();
  return (
    <>
      <Section title="Fonts by role">
        {tokensIn(brand, 'font').map((path) => (
          <FamilyRow key={path} path={path} />
        ))}
      </Section>
      <Section title="Sizes">
        {tokensIn(brand, 'size').map((path) => (
          <LengthRow key={path} path={path} min={8} max={96} />
        ))}
      </Section>
      <Section title="Type scale" open={false}>
        <TypeScale />
      </Section>
    </>
  );
}

const device = 'System font';

function FamilyRow({ path }: { path: string }) {
  const { brand } = useBrandEditing();
  const value = tokenAt(brand.tokens, path)?.$value;
  const [first = 'system-ui', ...rest] = (Array.isArray(value) ? value : [value]).map(String);
  const serif = rest.includes('serif');
  const families = [...new Set([...brand.fonts, ...shippedFonts].map(({ family }) => family))];
  const options = {
    'system-ui': device,
    ...Object.fromEntries(families.map((family) => [family, family])),
    ...(first !== 'system-ui' && !families.includes(first) && { [first]: `${first}, if the device has it` }),
  };
  return (
    <TokenRow path={path}>
      {(id, set) => (
        <Flex gap="1.5">
          <Choice
            id={id}
            value={first}
            options={options}
            onChange={(family) =>
              set(
                family === 'system-ui'
                  ? [family, 'sans-serif']
                  : [family, ...(serif ? ['Georgia', 'serif'] : ['system-ui', 'sans-serif'])],
              )
            }
          />
          <Choice
            label={`${path}, until it is there`}
            width="104px"
            value={serif ? 'serif' : 'sans'}
            options={{ sans: 'else sans', serif: 'else serif' }}
            onChange={(kind) =>
              set([first, ...(kind === 'serif' ? ['Georgia', 'serif'] : ['system-ui', 'sans-serif'])])
            }
          />
        </Flex>
      )}
    </TokenRow>
  );
}

function TypeScale() {
  const { brand, change } = useBrandEditing();
  const [base, setBase] = useState(parseFloat(brandTokens(brand).get('size.text')?.css ?? '16'));
  const [ratio, setRatio] = useState(1.2);
  const made = brandTokens(withTypeScale(brand, base, ratio));
  return (
    <>
      <Row label="Base size">
        {(id) => (
          <NumberInput id={id} unit="px" suffix="px" min={10} max={24} value={base} onChange={setBase} />
        )}
      </Row>
      <Row label="Ratio">
        {(id) => (
          <Choice
            id={id}
            value={String(ratio)}
            options={{
              1.125: '1.125',
              1.2: '1.2',
              1.25: '1.25',
              1.333: '1.333',
              1.5: '1.5',
            }}
            onChange={(next) => setRatio(Number(next))}
          />
        )}
      </Row>
      <Text fontSize="13px" color="slate">
        {tokensIn(brand, 'size')
          .map((path) => `${path.slice(5)} ${parseFloat(made.get(path)?.css ?? '')}`)
          .join(' · ')}
      </Text>
      <Button
        size="xs"
        variant="outline"
        colorPalette="plain"
        alignSelf="start"
        onClick={() => change(withTypeScale(brand, base, ratio), '')}
      >
        Apply sizes
      </Button>
    </>
  );
}
