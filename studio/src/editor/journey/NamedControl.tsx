import { Field, Input } from '@chakra-ui/react';
import type { ActionField } from '@sirene/core/actions';
import { useId } from 'react';
import { at, useAnswer, withQuery } from '../../shared/api/index.ts';
import { useEditing } from '../state/editing.ts';

interface Props {
  field: ActionField & { control: 'named' };
  value: string;
  onChange(value: string): void;
}

type Kind = Props['field']['of'];

/** What the site has of a kind already. */
function useKnown(kind: Kind): readonly { id: string; name: string }[] {
  const { site } = useEditing();
  const of = { site: site.id };
  const lists = useAnswer(kind === 'lists' && at('/api/sites/{site}/lists', of));
  const board = useAnswer(kind === 'stages' && at('/api/sites/{site}/leads', of));
  const sheets = useAnswer(kind === 'sheets' && at('/api/sites/{site}/sheets', of));
  const people = useAnswer(kind === 'tags' && withQuery(at('/api/sites/{site}/persons', of), { limit: 1 }));
  const widgets = useAnswer(kind === 'widgets' && at('/api/sites/{site}/widgets', of));
  const slugs = widgets.data?.map(({ slug }) => ({ id: slug, name: slug }));
  const tags = people.data?.tags.map((name) => ({ id: name, name }));
  return lists.data ?? board.data?.stages ?? sheets.data ?? slugs ?? tags ?? [];
}

/** A line that names something of the site: what is there already is offered, and a new name makes another. */
export function NamedControl({ field, value, onChange }: Props) {
  const known = useKnown(field.of);
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
        {known.map(({ id, name }) => (
          <option key={id} value={name} />
        ))}
      </datalist>
      {field.help && <Field.HelperText>{field.help}</Field.HelperText>}
    </Field.Root>
  );
}
