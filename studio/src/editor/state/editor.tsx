import type { Station } from '@sirene/core/review/sentence';
import { readPath, type Path, type SceneName, type WidgetDocument } from '@sirene/core/document/widget';
import type { ImageColours } from '@sirene/core/review/check';
import type { ConditionParts, Screen } from '@sirene/core/style';
import { createContext, useContext, useMemo, useSyncExternalStore } from 'react';
import type { Brand, Site, StoredPage, Widget } from '../../shared/api/index.ts';
import type { StageController } from '../stage/stage-controller.ts';
import type { Autosave } from './autosave.ts';
import type { EditSession } from './edit-session.ts';
import type { SettledDocument } from './settled-document.ts';

export const widths = { desktop: 1280, tablet: 820, phone: 390 } as const;
export type Width = keyof typeof widths;

/** The screen that values are set for, and the width of the stage that shows it. */
export const screenWidthNames: Record<Screen, Width> = {
  small: 'phone',
  medium: 'tablet',
  large: 'desktop',
};

/** Where a value that is set goes: to the selected element, or to all of its role in this widget. */
export type Target = 'element' | 'widget';

/** What is selected: an element by its id, or the widget itself. */
export type Selection = string | null;

/** Everything that the editor's pieces share. */
export interface Editor {
  widget: Widget;
  site: Site;
  brand: Brand;
  pages: StoredPage[];
  session: EditSession;
  settled: SettledDocument;
  autosave: Autosave;
  stage: StageController;
  selection: Selection;
  select(selection: Selection): void;
  /** What is selected besides, as elements that the same edit is meant for. */
  also: readonly string[];
  /** Takes an element into the selection, or out of it. */
  selectAlso(id: string): void;
  /** Selects several elements, the first of them first. */
  selectAll(ids: readonly string[]): void;
  /** Colours sampled from the images behind texts. */
  images: ImageColours;
  station: Station;
  goTo(station: Station): void;
  scene: SceneName;
  setScene(scene: SceneName): void;
  width: number;
  setWidth(width: number): void;
  /** The state and the screen that values are set for; the stage shows both. */
  condition: ConditionParts;
  setCondition(condition: ConditionParts): void;
  target: Target;
  setTarget(target: Target): void;
  /** Lets the editor's pieces follow a change of the brand. */
  setBrand(brand: Brand): void;
  page: StoredPage | null;
  setPage(page: StoredPage): void;
}

export const EditorContext = createContext<Editor | null>(null);

export function useEditor(): Editor {
  const editor = useContext(EditorContext);
  if (!editor) throw new Error('useEditor needs the editor around it');
  return editor;
}

/** The document as it is now; the component is drawn again at every key press. For what is typed into. */
export function useDocument(): WidgetDocument {
  const { session } = useEditor();
  return useSyncExternalStore(session.subscribe, () => session.document);
}

/** The document for all that may follow a key press after the next paint. */
export function useSettledDocument(): WidgetDocument {
  const { settled } = useEditor();
  return useSyncExternalStore(settled.subscribe, () => settled.document);
}

/**
 * What is read from the document as it is now, as JSON tells it; the component is drawn again only when that is another.
 * For the many that are on the screen at once and of which an edit changes one.
 */
export function useReading<T>(read: (document: WidgetDocument) => T): T {
  const { session } = useEditor();
  const text = useSyncExternalStore(session.subscribe, () => JSON.stringify(read(session.document)));
  return useMemo(() => JSON.parse(text) as T, [text]);
}

/** What stands at a path of the document now; drawn again only when it changes. */
export function useValueAt(path: Path): unknown {
  const { session } = useEditor();
  return useSyncExternalStore(session.subscribe, () => readPath(session.document, path));
}
