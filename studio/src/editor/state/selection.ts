import { createContext, useCallback, useContext, useMemo, useState } from 'react';

/** What is selected: an element by its id, or the widget itself. */
export type Selected = string | null;

/** Where a value that is set goes: to the selected element, or to all of its role in this widget. */
export type Target = 'element' | 'widget';

/** What an edit is meant for. */
export interface Selection {
  selection: Selected;
  select(selection: Selected): void;
  /** What is selected besides, as elements that the same edit is meant for. */
  also: readonly string[];
  /** Takes an element into the selection, or out of it. */
  selectAlso(id: string): void;
  /** Selects several elements, the first of them first. */
  selectAll(ids: readonly string[]): void;
  target: Target;
  setTarget(target: Target): void;
}

export const SelectionContext = createContext<Selection | null>(null);

/** What is selected around a component. */
export function useSelection(): Selection {
  const selection = useContext(SelectionContext);
  if (!selection) throw new Error('useSelection needs the editor around it');
  return selection;
}

/** A selection to begin with: the widget itself. */
export function useSelectionState(): Selection {
  const [ids, setIds] = useState<readonly string[]>([]);
  const [target, setTarget] = useState<Target>('element');
  const select = useCallback((next: Selected) => setIds(next === null ? [] : [next]), []);
  const selectAll = useCallback((all: readonly string[]) => {
    if (all.length > 0) setIds(all);
  }, []);
  const selectAlso = useCallback(
    (id: string) => setIds((all) => (all.includes(id) ? all.filter((one) => one !== id) : [...all, id])),
    [],
  );
  return useMemo(() => {
    const [selection = null, ...also] = ids;
    return { selection, also, select, selectAll, selectAlso, target, setTarget };
  }, [ids, select, selectAll, selectAlso, target]);
}
