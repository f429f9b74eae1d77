import { Grid, GridItem } from '@chakra-ui/react';
import { memo } from 'react';
import { type Target, useSelection } from '../../state/selection.ts';
import { useView } from '../../state/view.ts';
import { Choice } from '../../../shared/Choice.tsx';
import { ConditionChoices } from '../../../shared/style/ConditionChoices.tsx';

interface Props {
  /** Whether an element is selected, rather than the widget's own box. */
  element: boolean;
  roleName: string;
}

/** What values are set for: which elements, which screen, which state. The stage shows the same. */
export const ConditionBar = memo(function ConditionBar({ element, roleName }: Props) {
  const { target, setTarget } = useSelection();
  const { condition, setCondition } = useView();
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
      <ConditionChoices condition={condition} onChange={setCondition} />
    </Grid>
  );
});
