import { compilePattern, placeOf, targetingParts } from '@sirene/core/behaviour';
import type { Station } from '@sirene/core/review/sentence';
import type { ConditionParts } from '@sirene/core/style';
import { needsForeign, type SceneName, type WidgetDocument } from '@sirene/core/document/widget';
import { useEffect, useLayoutEffect, useMemo, useState } from 'react';
import type { StoredPage, Widget } from '../../shared/api/index.ts';
import { loadForeign } from '../../shared/foreign.ts';
import { StageController } from '../stage/stage-controller.ts';
import { Autosave } from './autosave.ts';
import { EditSession } from './edit-session.ts';
import { holdOpen, pendingDrafts, type Pending } from './pending.ts';
import { useImageColours } from './image-colours.ts';
import { SettledDocument } from './settled-document.ts';
import { screenWidthNames, widths, type Editor, type Selection, type Target } from './editor.tsx';
import { inBackground } from '../../shared/background.ts';

export type Loaded = Pick<Editor, 'widget' | 'site' | 'brand' | 'pages'> & {
  /** What an earlier visit could not save. */
  pending: Pending | null;
};

const sceneAt = (station: Station, { scenes }: WidgetDocument): SceneName =>
  station === 'afterwards' && scenes.thanks ? 'thanks' : 'opening';

export const visibleAt = (station: Station): boolean => station !== 'arrive' && station !== 'return';

/** The first page on which the widget may appear, else the first there is. */
function fittingPage({ document }: Widget, pages: StoredPage[]): StoredPage | null {
  const { include } = targetingParts(document.behaviour.targeting).pages;
  const tests = include.map(compilePattern);
  // A page deep in the site shows more than the list above it.
  const fitting = pages.filter(({ address }) => tests.some((matches) => matches(placeOf(address))));
  return (
    fitting.find(({ address }) => !include.includes(`${new URL(address).pathname}*`)) ??
    fitting[0] ??
    pages[0] ??
    null
  );
}

/** What an open editor holds: the document and how it is edited, saved and drawn; what is selected and looked at. */
export function useEditorState(loaded: Loaded): Editor {
  const { widget, site, pages, pending } = loaded;
  const [brand, setBrand] = useState(loaded.brand);
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
        keep: (base, document) => void pendingDrafts.keep(widget.id, { base, document }).catch(() => {}),
        forget: () => pendingDrafts.forget(widget.id).catch(() => {}),
      }),
  );
  useEffect(() => {
    if (pending) autosave.resume(pending.base);
  }, [autosave, pending]);
  useEffect(() => {
    let close = () => {};
    holdOpen(widget.id, new Promise((closed) => (close = closed)));
    return () => close();
  }, [widget.id]);
  const [stage] = useState(() => new StageController(widget.slug, location.origin));
  const [selection, selectOne] = useState<Selection>(null);
  const [also, setAlso] = useState<readonly string[]>([]);
  const images = useImageColours(settled);
  const [station, setStation] = useState<Station>('respond');
  const [width, setWidth] = useState<number>(widths.desktop);
  const [scene, setSceneName] = useState<SceneName>('opening');
  const [condition, setConditionParts] = useState<ConditionParts>({ screen: null, state: null });
  const [target, setTarget] = useState<Target>('element');
  const [page, setPage] = useState<StoredPage | null>(() => fittingPage(widget, pages));

  useLayoutEffect(() => {
    const draw = () => stage.draw(session.document, brand);
    draw();
    return session.subscribe(draw);
  }, [stage, session, brand]);
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
  useEffect(() => stage.force(selection, condition.state), [stage, selection, condition.state]);
  useEffect(() => {
    // What makes foreign markup safe is heavy, and few widgets need it.
    const load = () => {
      if (!needsForeign(session.document)) return;
      stop();
      inBackground(
        loadForeign().then((foreign) => {
          stage.foreign = foreign;
          stage.draw(session.document, brand);
        }),
      );
    };
    const stop = session.subscribe(load);
    load();
    return stop;
  }, [stage, session, brand]);

  return useMemo<Editor>(() => {
    const selectAll = ([first, ...others]: readonly string[]) => {
      if (first === undefined) return;
      selectOne(first);
      setAlso(others);
    };
    const select = (next: Selection) => {
      selectOne(next);
      setAlso([]);
    };
    return {
      widget,
      site,
      pages,
      brand,
      setBrand,
      session,
      settled,
      autosave,
      stage,
      selection,
      select,
      also,
      selectAlso(id) {
        const all = selection === null ? [] : [selection, ...also];
        const left = all.includes(id) ? all.filter((one) => one !== id) : [...all, id];
        if (left.length > 0) selectAll(left);
        else select(null);
      },
      selectAll,
      images,
      station,
      goTo(next) {
        setStation(next);
        const face = sceneAt(next, session.document);
        if (face !== scene) select(null);
        setSceneName(face);
        stage.showMistakes(false);
        stage.face(face, visibleAt(next));
        if (next === 'appear') stage.comeAgain();
      },
      scene,
      setScene(next) {
        select(null);
        setSceneName(next);
        setStation(next === 'thanks' ? 'afterwards' : 'respond');
        stage.face(next, true);
      },
      width,
      setWidth,
      page,
      setPage,
      condition,
      setCondition(next) {
        setConditionParts(next);
        if (next.screen) setWidth(widths[screenWidthNames[next.screen]]);
        else if (condition.screen) setWidth(widths.desktop);
      },
      target,
      setTarget,
    };
  }, [
    widget,
    site,
    pages,
    session,
    settled,
    autosave,
    stage,
    selection,
    also,
    images,
    station,
    scene,
    width,
    page,
    condition,
    target,
    brand,
  ]);
}
