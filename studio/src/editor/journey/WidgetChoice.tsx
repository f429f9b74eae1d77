import { useMemo } from 'react';
import { at, useAnswer } from '../../shared/api/index.ts';
import { SearchChoice } from '../../shared/SearchChoice.tsx';
import { useEditing } from '../state/editing.ts';

/** The other widgets of the site, by their address names. */
export function useOtherWidgets(): { value: string; label: string }[] {
  const { site, widget } = useEditing();
  const { data } = useAnswer(at('/api/sites/{site}/widgets', { site: site.id }));
  return useMemo(
    () =>
      (data ?? [])
        .filter(({ id }) => id !== widget.id)
        .map(({ slug, name }) => ({ value: slug, label: name })),
    [data, widget.id],
  );
}

/** One of the site's other widgets. */
export function WidgetChoice({
  id,
  value,
  onChange,
}: {
  id: string;
  value: string;
  onChange(value: string): void;
}) {
  return <SearchChoice id={id} value={value} options={useOtherWidgets()} onChange={onChange} />;
}
