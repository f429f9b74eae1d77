import { Field, Input } from '@chakra-ui/react';
import type { ActionField } from '@sirene/core/actions';
import { useId } from 'react';
import { at, useAnswer } from '../../shared/api/index.ts';
import { useEditing } from '../state/editing.ts';

interface Props {
  field: ActionField & { control: 'named' };
  value: string;
  onChange(value: string): void;
}

/** A line that names something of the site: what is there already is offered, and a new name makes another. */
export function NamedControl({ field, value, onChange }: Props) {
  const { site } = useEditing();
  const isList = field.of === 'lists';
  const lists = useAnswer(isList && at('/api/sites/{site}/lists', { site: site.id }));
  const board = useAnswer(!isList && at('/api/sites/{site}/leads', { site: site.id }));
  const known = isList ? lists.data : board.data?.stages;
  const names = useId();
  return (
    <Field.Root>
      <Field.Label>{field.label}</Field.Label>
      <Input
        size="sm"
        maxLength={field.max}
        list={names}
        value={value}
        onChange={(event) => onChange(event.target.value)}
      />
      <datalist id={names}>
        {known?.map(({ id, name }) => (
          <option key={id} value={name} />
        ))}
      </datalist>
      {field.help && <Field.HelperText>{field.help}</Field.HelperText>}
    </Field.Root>
  );
}
