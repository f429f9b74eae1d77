import type { ImageColours } from '@sirene/core/review/check';
import { readPath, type Path, type WidgetDocument } from '@sirene/core/document/widget';
import { createContext, useContext, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { Brand, Site, StoredPage, Widget } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { Autosave } from './autosave.ts';
import { EditSession } from './edit-session.ts';
import { useImageColours } from './image-colours.ts';
import { holdOpen, pendingDrafts, type Pending } from './pending.ts';
import { SettledDocument } from './settled-document.ts';

/** What is edited, and how it is kept. None of it changes while one selects or looks elsewhere. */
export interface Editing {
  widget: Widget;
  site: Site;
  brand: Brand;
  /** Lets the editor's pieces follow a change of the brand. */
  setBrand(brand: Brand): void;
  pages: StoredPage[];
  session: EditSession;
  settled: SettledDocument;
  autosave: Autosave;
  /** Colours sampled from the images behind texts. */
  images: ImageColours;
}

export type Loaded = Pick<Editing, 'widget' | 'site' | 'brand' | 'pages'> & {
  /** What an earlier visit could not save. */
  pending: Pending | null;
};

export const EditingContext = createContext<Editing | null>(null);

/** What is edited around a component. */
export function useEditing(): Editing {
  const editing = useContext(EditingContext);
  if (!editing) throw new Error('useEditing needs the editor around it');
  return editing;
}

/** Opens the document for edits, and keeps what is edited from now on. */
export function useEditingState({ widget, site, pages, pending, brand: loaded }: Loaded): Editing {
  const [brand, setBrand] = useState(loaded);
  const [session] = useState(() => {
    const opened = new EditSession(widget.document);
    if (pending) opened.replace(pending.document);
    return opened;
  });
  const [settled] = useState(() => new SettledDocument(session));
  const [autosave] = useState(
    () =>
      new Autosave(session, widget, {
        // A browser that keeps nothing can't keep this either; the draft is sent all the same.
        keep: (base, document) =>
          inBackground(pendingDrafts.keep(widget.id, { base, document }).catch(() => {})),
        forget: () => pendingDrafts.forget(widget.id).catch(() => {}),
      }),
  );
  const images = useImageColours(settled);
  useEffect(() => {
    if (pending) autosave.resume(pending.base);
  }, [autosave, pending]);
  useEffect(() => {
    let close = () => {};
    holdOpen(widget.id, new Promise((closed) => (close = closed)));
    return () => close();
  }, [widget.id]);
  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (autosave.state.type !== 'saved' && autosave.state.type !== 'conflict') event.preventDefault();
    };
    addEventListener('beforeunload', warn);
    return () => {
      removeEventListener('beforeunload', warn);
      autosave.leave();
    };
  }, [autosave]);
  return useMemo(
    () => ({ widget, site, pages, brand, setBrand, session, settled, autosave, images }),
    [widget, site, pages, brand, session, settled, autosave, images],
  );
}

/** The document as it is now; the component is drawn again at every key press. For what is typed into. */
export function useDocument(): WidgetDocument {
  const { session } = useEditing();
  return useSyncExternalStore(session.subscribe, () => session.document);
}

/** The document for all that may follow a key press after the next paint. */
export function useSettledDocument(): WidgetDocument {
  const { settled } = useEditing();
  return useSyncExternalStore(settled.subscribe, () => settled.document);
}

/**
 * What is read from the document as it is now, as JSON tells it; the component is drawn again only when that is another.
 * For the many that are on the screen at once and of which an edit changes one.
 */
export function useReading<T>(read: (document: WidgetDocument) => T): T {
  const { session } = useEditing();
  const text = useSyncExternalStore(session.subscribe, () => JSON.stringify(read(session.document)));
  return useMemo(() => JSON.parse(text) as T, [text]);
}

/** What stands at a path of the document now; drawn again only when it changes. */
export function useValueAt(path: Path): unknown {
  const { session } = useEditing();
  return useSyncExternalStore(session.subscribe, () => readPath(session.document, path));
}
