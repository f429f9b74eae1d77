import {
  placementDefinitionOf,
  placementDefinitions,
  type Placement,
  type PlacementType,
} from '@sirene/core/document/placement';
import { changePlacement } from '@sirene/core/document/widget';
import { Stack, Text } from '@chakra-ui/react';
import { useEditing, useSettledDocument } from '../state/editing.ts';
import { Choice } from '../../shared/Choice.tsx';
import { PropertyRows } from './property/PropertyRows.tsx';
import { Row } from '../../shared/Row.tsx';

const types = Object.fromEntries(
  Object.entries(placementDefinitions).map(([type, { label }]) => [type, label]),
);

const propertiesOf = ({ type }: Placement, closing: boolean) =>
  placementDefinitionOf({ type }).properties.filter(({ path }) => (path[0] === 'closing') === closing);

/** Where the widget stands and how wide it is. */
export function PlacementControls() {
  const { session } = useEditing();
  const { placement } = useSettledDocument();
  const choose = (type: string) => session.apply(changePlacement(session.document, type as PlacementType));
  return (
    <Stack gap="2.5">
      <Row label="Placement">
        {(id) => <Choice id={id} value={placement.type} options={types} onChange={choose} />}
      </Row>
      <Text fontSize="12px" color="slate">
        {placementDefinitionOf(placement).help}
      </Text>
      <PropertyRows at={['placement']} properties={propertiesOf(placement, false)} owner={placement} />
    </Stack>
  );
}

/** The ways in which an overlay closes. */
export function ClosingControls() {
  const { placement } = useSettledDocument();
  return (
    <Stack gap="2.5">
      <PropertyRows at={['placement']} properties={propertiesOf(placement, true)} owner={placement} />
    </Stack>
  );
}
