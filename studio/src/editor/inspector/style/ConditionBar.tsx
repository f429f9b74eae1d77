import { Grid, GridItem } from '@chakra-ui/react';
import { screens, states, type Screen, type State } from '@sirene/core/style';
import { memo } from 'react';
import { useEditor, type Target } from '../../state/editor.tsx';
import { Choice } from '../../../shared/Choice.tsx';
import { screenNames, stateNames } from '../../../shared/style/condition-names.ts';

const screenOptions = {
  every: 'All screen sizes',
  ...Object.fromEntries(screens.toReversed().map((one) => [one, screenNames[one]])),
};
const stateOptions = { rest: 'Default', ...Object.fromEntries(states.map((one) => [one, stateNames[one]])) };

interface Props {
  /** Whether an element is selected, rather than the widget's own box. */
  element: boolean;
  roleName: string;
}

/** What values are set for: which elements, which screen, which state. The stage shows the same. */
export const ConditionBar = memo(function ConditionBar({ element, roleName }: Props) {
  const { condition, setCondition, target, setTarget } = useEditor();
  return (
    <Grid
      templateColumns="1fr 1fr"
      gap="1"
      px="2"
      py="2"
      borderBottomWidth="1px"
      bg="paper"
      role="group"
      aria-label="Values apply to"
    >
      {element && (
        <GridItem colSpan={2}>
          <Choice
            label="Elements"
            value={target}
            options={{ element: 'This element', widget: `Every ${roleName}` }}
            onChange={(next) => setTarget(next as Target)}
          />
        </GridItem>
      )}
      <Choice
        label="Screen size"
        value={condition.screen ?? 'every'}
        options={screenOptions}
        onChange={(next) =>
          setCondition({ ...condition, screen: next === 'every' ? null : (next as Screen) })
        }
      />
      <Choice
        label="State"
        value={condition.state ?? 'rest'}
        options={stateOptions}
        onChange={(next) => setCondition({ ...condition, state: next === 'rest' ? null : (next as State) })}
      />
    </Grid>
  );
});
