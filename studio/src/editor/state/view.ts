import { compilePattern, placeOf, targetingParts } from '@sirene/core/behaviour';
import type { Station } from '@sirene/core/review/sentence';
import type { ConditionParts, Screen } from '@sirene/core/style';
import { needsForeign, type SceneName, type WidgetDocument } from '@sirene/core/document/widget';
import { createContext, useContext, useEffect, useLayoutEffect, useMemo, useState } from 'react';
import type { StoredPage, Widget } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import { loadForeign } from '../../shared/foreign.ts';
import { StageController } from '../stage/stage-controller.ts';
import type { Editing } from './editing.ts';
import type { Selection } from './selection.ts';

export const widths = { desktop: 1280, tablet: 820, phone: 390 } as const;
export type Width = keyof typeof widths;

/** The screen that values are set for, and the width of the stage that shows it. */
const screenWidthNames: Record<Screen, Width> = {
  small: 'phone',
  medium: 'tablet',
  large: 'desktop',
};

/** What is looked at: the stage, the page on it, how wide, which scene, which state. */
export interface View {
  stage: StageController;
  station: Station;
  goTo(station: Station): void;
  scene: SceneName;
  setScene(scene: SceneName): void;
  width: number;
  setWidth(width: number): void;
  /** The state and the screen that values are set for; the stage shows both. */
  condition: ConditionParts;
  setCondition(condition: ConditionParts): void;
  page: StoredPage | null;
  setPage(page: StoredPage): void;
}

export const ViewContext = createContext<View | null>(null);

/** What is looked at around a component. */
export function useView(): View {
  const view = useContext(ViewContext);
  if (!view) throw new Error('useView needs the editor around it');
  return view;
}

const sceneAt = (station: Station, { scenes }: WidgetDocument): SceneName =>
  station === 'afterwards' && scenes.thanks ? 'thanks' : 'opening';

/** Whether the widget is on the page at a station of the journey. */
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

/** The stage with the document drawn on it, and what of both is looked at. */
export function useViewState(
  { widget, pages, session, brand }: Editing,
  { selection, select }: Selection,
): View {
  const [stage] = useState(() => new StageController(widget.slug, location.origin));
  const [station, setStation] = useState<Station>('respond');
  const [width, setWidth] = useState<number>(widths.desktop);
  const [scene, setSceneName] = useState<SceneName>('opening');
  const [condition, setConditionParts] = useState<ConditionParts>({ screen: null, state: null });
  const [page, setPage] = useState<StoredPage | null>(() => fittingPage(widget, pages));

  useLayoutEffect(() => {
    const draw = () => stage.draw(session.document, brand);
    draw();
    return session.subscribe(draw);
  }, [stage, session, brand]);
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

  return useMemo<View>(
    () => ({
      stage,
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
      condition,
      setCondition(next) {
        setConditionParts(next);
        if (next.screen) setWidth(widths[screenWidthNames[next.screen]]);
        else if (condition.screen) setWidth(widths.desktop);
      },
      page,
      setPage,
    }),
    [stage, session, select, station, scene, width, condition, page],
  );
}
