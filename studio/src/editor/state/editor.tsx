import type { Station } from '@sirene/core/sentence';
import { readPath, type Path, type SceneName, type WidgetDocument } from '@sirene/core/widget';
import { createContext, useContext, useSyncExternalStore } from 'react';
import type { Brand, Site, StoredPage, Widget } from '../../shared/api.ts';
import type { StageController } from '../stage/stage-controller.ts';
import type { Autosave } from './autosave.ts';
import type { EditSession } from './edit-session.ts';
import type { SettledDocument } from './settled-document.ts';

export const widths = { desktop: 1280, tablet: 820, phone: 390 } as const;
export type Width = keyof typeof widths;

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
  station: Station;
  goTo(station: Station): void;
  scene: SceneName;
  width: Width;
  setWidth(width: Width): void;
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

/** What stands at a path of the document now; drawn again only when it changes. */
export function useValueAt(path: Path): unknown {
  const { session } = useEditor();
  return useSyncExternalStore(session.subscribe, () => readPath(session.document, path));
}
