import { Flex } from '@chakra-ui/react';
import { MeasureInput } from '../MeasureInput.tsx';
import { fieldOf, measureOf, tokensOf, type StyleControlProps } from './control-props.ts';
import { TokenChoice } from './TokenChoice.tsx';

// Beyond this many steps a slider can't be aimed at.
const mostSteps = 400;

/** One number or length: typed, drawn along a slider, or taken from the brand. */
export function LengthControl({ id, property, value, css, brand, onChange }: StyleControlProps) {
  const tokens = tokensOf(brand, property.tokens);
  const number = css === '' ? undefined : parseFloat(css);
  const { min, max, step = 1, label } = property;
  const slides = tokens.length === 0 && min !== undefined && max !== undefined;
  return (
    <Flex gap="1.5" minW="0" align="center">
      <MeasureInput
        id={id}
        {...fieldOf(property, value)}
        width={slides ? '72px' : undefined}
        value={measureOf(property, value, css)}
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
