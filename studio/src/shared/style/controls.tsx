import type { StyleProperty } from '@sirene/core/style';
import { Choice } from '../Choice.tsx';
import { ColourControl } from './ColourControl.tsx';
import { brandOptions, tokensOf, unsetText, type StyleControlProps } from './control-props.ts';
import { FontControl } from './FontControl.tsx';
import { GradientControl } from './GradientControl.tsx';
import { ImageControl } from './ImageControl.tsx';
import { LengthControl } from './LengthControl.tsx';
import { PositionControl } from './PositionControl.tsx';
import { ShadowControl } from './ShadowControl.tsx';
import { SidesControl } from './SidesControl.tsx';
import { SizeControl } from './SizeControl.tsx';

function KeywordControl({ id, property, value, brand, onChange }: StyleControlProps) {
  const tokens = tokensOf(brand, property.tokens);
  return (
    <Choice
      id={id}
      value={String(value ?? '')}
      options={{ ...property.options, ...brandOptions(tokens) }}
      unset={unsetText(property)}
      onChange={onChange}
    />
  );
}

/** The control of each kind of style property. A new kind is a line here. */
const controls: Record<StyleProperty['kind'], React.ComponentType<StyleControlProps>> = {
  colour: ColourControl,
  length: LengthControl,
  number: LengthControl,
  size: SizeControl,
  sides: SidesControl,
  keyword: KeywordControl,
  font: FontControl,
  shadow: ShadowControl,
  gradient: GradientControl,
  image: ImageControl,
  position: PositionControl,
};

/** The control for a style property, chosen by its kind. */
export function StyleControl(props: StyleControlProps) {
  const Control = controls[props.property.kind];
  return <Control {...props} />;
}
