import { at, useAnswer } from '../../../shared/api/index.ts';
import { Choice } from '../../../shared/Choice.tsx';
import { useEditing } from '../../state/editing.ts';
import type { PropertyControlProps } from './control-props.ts';

/** One of the site's pools of codes, with how many are left of it. */
export function PoolControl({ id, value, onChange }: PropertyControlProps<string>) {
  const { site } = useEditing();
  const { data = [] } = useAnswer(at('/api/sites/{site}/codes', { site: site.id }));
  const known = data.map(({ pool, total, given }) => [pool, `${pool} (${total - given} left)`] as const);
  const isGone = value !== undefined && !known.some(([pool]) => pool === value);
  return (
    <Choice
      id={id}
      value={value ?? ''}
      options={Object.fromEntries([
        ['', 'One code for all'],
        ...known,
        ...(isGone ? [[value, `${value} (no such pool)`]] : []),
      ])}
      onChange={(pool) => onChange(pool || undefined)}
    />
  );
}
