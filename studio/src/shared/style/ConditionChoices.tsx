import { screens, states, type ConditionParts, type Screen, type State } from '@sirene/core/style';
import { Choice } from '../Choice.tsx';
import { screenNames, stateNames } from './condition-names.ts';

const screenOptions = {
  '': 'All screen sizes',
  ...Object.fromEntries(screens.toReversed().map((one) => [one, screenNames[one]])),
  large: `${screenNames.large} only`,
};
const stateOptions = { '': 'Default', ...Object.fromEntries(states.map((one) => [one, stateNames[one]])) };

interface Props {
  condition: ConditionParts;
  onChange(condition: ConditionParts): void;
}

/** For which screen and in which state values hold. */
export function ConditionChoices({ condition, onChange }: Props) {
  return (
    <>
      <Choice
        label="Screen size"
        value={condition.screen ?? ''}
        options={screenOptions}
        onChange={(next) => onChange({ ...condition, screen: (next || null) as Screen | null })}
      />
      <Choice
        label="State"
        value={condition.state ?? ''}
        options={stateOptions}
        onChange={(next) => onChange({ ...condition, state: (next || null) as State | null })}
      />
    </>
  );
}
