import { Flex, Input, Stack, Text } from '@chakra-ui/react';
import { valueProblem } from '@sirene/core/style';
import { Choice } from '../Choice.tsx';
import { NumberInput } from '../NumberInput.tsx';
import { brandOptions, tokensOf, unsetText, type StyleControlProps } from './control-props.ts';

const written = /^(-?[\d.]+)(?:px)? (-?[\d.]+)(?:px)? (-?[\d.]+)(?:px)?(?: (-?[\d.]+)(?:px)?)? (.+)$/;
const lengths = ['X offset', 'Y offset', 'Blur', 'Spread'];

/** A shadow: the brand's, none, or one's own by its measures. */
export function ShadowControl({ id, property, value, css, brand, onChange }: StyleControlProps) {
  const tokens = tokensOf(brand, property.tokens);
  const options = brandOptions(tokens);
  const own = typeof value === 'string' && value !== 'none' && !(value in options);
  const parts = own ? written.exec(css) : null;
  const isText = property.name === 'textShadow';
  const start = isText ? '0 1px 3px #00000066' : '0 8px 24px 0 #00000033';
  const write = (at: number, text: string) => {
    const [, x = '0', y = '0', blur = '0', spread = '0', colour = '#0003'] = parts ?? [];
    const next = [x, y, blur, spread, colour].with(at, text);
    const measures = next.slice(0, isText ? 3 : 4).map((one) => (one === '0' ? '0' : `${one}px`));
    const shadow = `${measures.join(' ')} ${next[4]}`;
    if (valueProblem(property.name, shadow) === null) onChange(shadow);
  };
  return (
    <Stack gap="1">
      <Choice
        id={id}
        value={own ? 'own' : String(value ?? '')}
        options={{ none: 'None', ...options, own: 'Custom' }}
        unset={unsetText(property)}
        onChange={(next) => onChange(next === 'own' ? start : next)}
      />
      {parts && (
        <>
          <Flex gap="0.5">
            {lengths.slice(0, isText ? 3 : 4).map((name, at) => (
              <NumberInput
                key={name}
                label={`${property.label}, ${name.toLowerCase()} in px`}
                bare
                min={-200}
                max={200}
                unit="px"
                value={Number(parts[at + 1] ?? 0)}
                onChange={(next) => write(at, String(next))}
              />
            ))}
          </Flex>
          <Input
            size="xs"
            fontFamily="mono"
            fontSize="12px"
            aria-label={`${property.label}, colour`}
            key={parts[5]}
            defaultValue={parts[5]}
            onBlur={(event) => write(4, event.target.value)}
          />
        </>
      )}
      {own && !parts && (
        <Text fontSize="12px" color="slate">
          {css}
        </Text>
      )}
    </Stack>
  );
}
