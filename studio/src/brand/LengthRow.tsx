import { Flex } from '@chakra-ui/react';
import { brandTokens } from '@sirene/core/style';
import { NumberInput } from '../shared/NumberInput.tsx';
import { useBrandEditing } from './brand-context.ts';
import { TokenRow } from './TokenRow.tsx';

interface Props {
  path: string;
  unit?: 'px' | 'ms';
  min: number;
  max: number;
  step?: number;
  help?: string;
}

/** A token that is a length or a time, typed or drawn along a slider. */
export function LengthRow({ path, unit = 'px', min, max, step = 1, help }: Props) {
  const { brand } = useBrandEditing();
  const value = parseFloat(brandTokens(brand).get(path)?.css ?? '');
  return (
    <TokenRow path={path} help={help}>
      {(id, set) => {
        const write = (next: number) => set({ value: next, unit });
        return (
          <Flex gap="2" align="center">
            <NumberInput
              id={id}
              min={min}
              max={max}
              step={step}
              unit={unit}
              suffix={unit}
              width="72px"
              value={value}
              onChange={write}
            />
            <input
              type="range"
              aria-label={`${path}, slider`}
              min={min}
              max={max}
              step={step}
              value={value}
              onChange={(event) => write(event.target.valueAsNumber)}
              style={{ flex: 1, minWidth: 0, accentColor: 'var(--chakra-colors-deep)' }}
            />
          </Flex>
        );
      }}
    </TokenRow>
  );
}
