import type { ConditionParts, Screen, State } from '@sirene/core/style';

export const stateNames: Record<State, string> = {
  hover: 'Hover',
  focus: 'Focus',
  pressed: 'Pressed',
  selected: 'Selected',
  disabled: 'Disabled',
  error: 'Invalid',
};

export const screenNames: Record<Screen, string> = {
  large: 'Desktop',
  medium: 'Tablet',
  small: 'Phone',
};

/** Such as "hover on phone". */
export function conditionName({ screen, state }: ConditionParts): string {
  const words = [state && stateNames[state], screen && `on ${screenNames[screen]}`];
  return words.filter(Boolean).join(' ').toLowerCase() || 'rest';
}
