import { createContext, use } from 'react';

export type PanelName = 'outline' | 'inspector';

interface Panels {
  folded: Record<PanelName, boolean>;
  /** Folds a panel away, or opens it as wide as it was. */
  toggle(name: PanelName): void;
}

export const PanelsContext = createContext<Panels>({
  folded: { outline: false, inspector: false },
  toggle: () => undefined,
});

/** Which panels are open, and how they are opened and folded. */
export const usePanels = (): Panels => use(PanelsContext);
