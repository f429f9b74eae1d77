import { Flex, Grid, IconButton } from '@chakra-ui/react';
import type { Value } from '@sirene/core/style';
import { Link2, Unlink2 } from 'lucide-react';
import { NumberInput } from '../NumberInput.tsx';
import { tokensOf, type StyleControlProps } from './control-props.ts';
import { TokenChoice } from './TokenChoice.tsx';

type Four = [number, number, number, number];

const sideNames = ['top', 'right', 'bottom', 'left'];
const cornerNames = ['top left', 'top right', 'bottom right', 'bottom left'];

/** One number for all sides or corners, or one for each. */
export function SidesControl({ id, property, value, css, brand, onChange }: StyleControlProps) {
  const apart = Array.isArray(value);
  const numbers = css.split(' ').map(parseFloat);
  const four: Four = apart ? value : ([0, 1, 2, 3].map(() => numbers[0] || 0) as Four);
  const names = property.name === 'radius' ? cornerNames : sideNames;
  const { min, max, label } = property;
  const Icon = apart ? Unlink2 : Link2;
  const link = (
    <IconButton
      size="2xs"
      variant="ghost"
      colorPalette="plain"
      aria-pressed={!apart}
      aria-label={apart ? `${label}: one value for all` : `${label}: each by itself`}
      title={apart ? 'One value for all' : 'Each by itself'}
      onClick={() => onChange(apart ? four[0] : four)}
    >
      <Icon size={13} aria-hidden />
    </IconButton>
  );
  if (!apart) {
    return (
      <Flex gap="0.5" minW="0" align="center">
        <NumberInput
          id={id}
          min={min}
          max={max}
          step={1}
          bare
          width="52px"
          value={css === '' ? undefined : numbers[0]}
          onChange={onChange}
        />
        {link}
        <TokenChoice
          label={label}
          tokens={tokensOf(brand, property.tokens)}
          value={value as Value | undefined}
          onChange={onChange}
        />
      </Flex>
    );
  }
  return (
    <Flex gap="0.5" minW="0" align="center">
      <Grid templateColumns="repeat(4, minmax(0, 1fr))" gap="0.5" flex="1" minW="0">
        {four.map((one, at) => (
          <NumberInput
            key={at}
            id={at === 0 ? id : undefined}
            label={`${label}, ${names[at]}`}
            min={min}
            max={max}
            step={1}
            bare
            value={one}
            onChange={(next) => onChange(four.with(at, next) as Four)}
          />
        ))}
      </Grid>
      {link}
    </Flex>
  );
}
