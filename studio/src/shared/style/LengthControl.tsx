import { Flex } from '@chakra-ui/react';
import { NumberInput } from '../NumberInput.tsx';
import { tokensOf, type StyleControlProps } from './control-props.ts';
import { TokenChoice } from './TokenChoice.tsx';

// Beyond this many steps a slider can't be aimed at.
const mostSteps = 400;

/** One number: typed, drawn along a slider, or taken from the brand. */
export function LengthControl({ id, property, value, css, brand, onChange }: StyleControlProps) {
  const tokens = tokensOf(brand, property.tokens);
  const number = css === '' ? undefined : parseFloat(css);
  const { min, max, step = 1, label } = property;
  const slides = tokens.length === 0 && min !== undefined && max !== undefined;
  return (
    <Flex gap="1.5" minW="0" align="center">
      <NumberInput
        id={id}
        min={min}
        max={max}
        step={step}
        width="58px"
        value={Number.isNaN(number) ? undefined : number}
        onChange={onChange}
      />
      {slides && (
        <input
          type="range"
          aria-label={`${label}, slider`}
          min={min}
          max={Math.min(max, min + mostSteps * step)}
          step={step}
          value={number ?? min}
          onChange={(event) => onChange(event.target.valueAsNumber)}
          style={{ flex: 1, minWidth: 0, accentColor: 'var(--chakra-colors-deep)' }}
        />
      )}
      <TokenChoice label={label} tokens={tokens} value={value} onChange={onChange} />
    </Flex>
  );
}
