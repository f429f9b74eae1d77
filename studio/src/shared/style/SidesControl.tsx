import { Flex, Grid, IconButton } from '@chakra-ui/react';
import type { Length, Sides, Value } from '@sirene/core/style';
import { Link2, Unlink2 } from 'lucide-react';
import { MeasureInput } from '../MeasureInput.tsx';
import { fieldOf, measureOf, tokensOf, type StyleControlProps } from './control-props.ts';
import { TokenChoice } from './TokenChoice.tsx';

const sideNames = ['top', 'right', 'bottom', 'left'];
const cornerNames = ['top left', 'top right', 'bottom right', 'bottom left'];

/** One number for all sides or corners, or one for each. */
export function SidesControl({ id, property, value, css, brand, onChange }: StyleControlProps) {
  const apart = Array.isArray(value);
  const one = apart ? undefined : measureOf(property, value, css);
  const four: Sides = apart ? value : (Array<Length>(4).fill(one ?? 0) as Sides);
  const names = property.name === 'radius' ? cornerNames : sideNames;
  const { label } = property;
  const { suffix, ...field } = fieldOf(property);
  const Icon = apart ? Unlink2 : Link2;
  const link = (
    <IconButton
      size="2xs"
      variant="ghost"
      colorPalette="plain"
      aria-pressed={!apart}
      aria-label={apart ? `${label}: one value for all` : `${label}: each by itself`}
      title={apart ? 'One value for all' : 'Separate values'}
      onClick={() => onChange(apart ? four[0] : four)}
    >
      <Icon size={13} aria-hidden />
    </IconButton>
  );
  if (!apart) {
    return (
      <Flex gap="0.5" minW="0" align="center">
        <MeasureInput id={id} {...field} suffix={suffix} width="64px" value={one} onChange={onChange} />
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
        {four.map((side, at) => (
          <MeasureInput
            key={at}
            id={at === 0 ? id : undefined}
            label={`${label}, ${names[at]}`}
            {...field}
            bare
            value={side}
            onChange={(next) => onChange(four.with(at, next) as Sides)}
          />
        ))}
      </Grid>
      {link}
    </Flex>
  );
}
