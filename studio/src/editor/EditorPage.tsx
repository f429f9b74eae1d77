import { Grid } from '@chakra-ui/react';
import { compilePattern, placeOf } from '@sirene/core/behaviour';
import { pagePatterns, type Station } from '@sirene/core/sentence';
import type { ConditionParts } from '@sirene/core/style';
import { needsForeign, type SceneName, type WidgetDocument } from '@sirene/core/widget';
import { useEffect, useLayoutEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import useSWR from 'swr';
import { useSites } from '../app/session.ts';
import { get, type Brand, type StoredPage, type Widget } from '../shared/api.ts';
import { AssetsContext } from '../shared/assets/assets.ts';
import { ErrorNote } from '../shared/ErrorNote.tsx';
import { loadForeign } from '../shared/foreign.ts';
import { useEditorKeys } from './commands.ts';
import { EditorBar } from './EditorBar.tsx';
import { Inspector } from './inspector/Inspector.tsx';
import { Journey } from './journey/Journey.tsx';
import { Rehearsal } from './journey/rehearsal.ts';
import { Outline } from './outline/Outline.tsx';
import { Stage } from './stage/Stage.tsx';
import { StageController } from './stage/stage-controller.ts';
import { Autosave } from './state/autosave.ts';
import { EditSession } from './state/edit-session.ts';
import { usePictureColours } from './state/picture-colours.ts';
import { SettledDocument } from './state/settled-document.ts';
import {
  EditorContext,
  screenWidthNames,
  widths,
  type Editor,
  type Selection,
  type Target,
} from './state/editor.tsx';

const fresh = { revalidateOnFocus: false, revalidateOnReconnect: false, revalidateIfStale: true };

/** Loads what the editor needs, and opens it. */
export function EditorPage() {
  const { id } = useParams();
  const { data: widget, error, isValidating } = useSWR(`/api/widgets/${id}`, get<Widget>, fresh);
  const { data: sites } = useSites();
  const site = sites?.find((one) => one.id === widget?.siteId);
  const { data: brand } = useSWR(site && `/api/sites/${site.id}/brand`, get<Brand>, fresh);
  const { data: pages } = useSWR(site && `/api/sites/${site.id}/pages`, get<StoredPage[]>, fresh);
  const [opened, setOpened] = useState<Widget | null>(null);
  // An answer kept from an earlier visit may be old: the editor opens on a fresh one, and then keeps its own.
  if (widget && !isValidating && opened?.id !== widget.id) setOpened(widget);
  if (error) return <ErrorNote error={error} />;
  if (!opened || !site || !brand || !pages) return null;
  return <OpenEditor key={opened.id} widget={opened} site={site} brand={brand} pages={pages} />;
}

type Loaded = Pick<Editor, 'widget' | 'site' | 'brand' | 'pages'>;

const sceneAt = (station: Station, { scenes }: WidgetDocument): SceneName =>
  station === 'afterwards' && scenes.thanks ? 'thanks' : 'opening';

const visibleAt = (station: Station): boolean => station !== 'arrive' && station !== 'return';

/** The first page on which the widget may appear, else the first there is. */
function fittingPage({ document }: Widget, pages: StoredPage[]): StoredPage | null {
  const { include } = pagePatterns(document.behaviour.targeting);
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

function OpenEditor(loaded: Loaded) {
  const { widget, pages } = loaded;
  const [brand, setBrand] = useState(loaded.brand);
  const [session] = useState(() => new EditSession(widget.document));
  const [settled] = useState(() => new SettledDocument(session));
  const [autosave] = useState(() => new Autosave(session, widget));
  const [stage] = useState(() => new StageController(widget.slug));
  const [selection, selectOne] = useState<Selection>(null);
  const [also, setAlso] = useState<readonly string[]>([]);
  const pictures = usePictureColours(settled);
  const [station, setStation] = useState<Station>('respond');
  const [width, setWidth] = useState<number>(widths.desktop);
  const [scene, setSceneName] = useState<SceneName>('opening');
  const [condition, setConditionParts] = useState<ConditionParts>({ screen: null, state: null });
  const [target, setTarget] = useState<Target>('element');
  const [page, setPage] = useState<StoredPage | null>(() => fittingPage(widget, pages));
  const [rehearsal, setRehearsal] = useState<Rehearsal | null>(null);

  useLayoutEffect(() => {
    const draw = () => stage.draw(session.document, brand);
    draw();
    return session.subscribe(draw);
  }, [stage, session, brand]);
  useEffect(() => {
    document.title = `${widget.document.name} · Sirene`;
    const warn = (event: BeforeUnloadEvent) => {
      if (autosave.state.type !== 'saved' && autosave.state.type !== 'conflict') event.preventDefault();
    };
    addEventListener('beforeunload', warn);
    return () => {
      removeEventListener('beforeunload', warn);
      void autosave.flush().catch(() => autosave.stop());
    };
  }, [autosave, widget]);

  const editor = useMemo<Editor>(
    () => ({
      ...loaded,
      brand,
      setBrand,
      session,
      settled,
      autosave,
      stage,
      selection,
      select(next) {
        selectOne(next);
        setAlso([]);
      },
      also,
      selectAlso(id) {
        if (selection === null) return selectOne(id);
        if (id === selection) {
          selectOne(also[0] ?? null);
          return setAlso(also.slice(1));
        }
        setAlso(also.includes(id) ? also.filter((one) => one !== id) : [...also, id]);
      },
      pictures,
      station,
      goTo(next) {
        setStation(next);
        const face = sceneAt(next, session.document);
        if (face !== scene) selectOne(null);
        setSceneName(face);
        stage.showMistakes(false);
        stage.face(face, visibleAt(next));
        if (next === 'appear') stage.comeAgain();
      },
      scene,
      setScene(next) {
        selectOne(null);
        setAlso([]);
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
    }),
    // The loaded props never change while the editor is open; its key sees to that.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [
      session,
      settled,
      autosave,
      stage,
      selection,
      also,
      pictures,
      station,
      scene,
      width,
      page,
      condition,
      target,
      brand,
    ],
  );

  const assets = useMemo(() => ({ siteId: loaded.site.id, brand }), [loaded.site.id, brand]);
  useEffect(() => stage.force(selection, condition.state), [stage, selection, condition.state]);
  useEffect(() => {
    // What makes foreign markup safe is heavy, and few widgets need it.
    const load = () => {
      if (!needsForeign(session.document)) return;
      stop();
      void loadForeign().then((foreign) => {
        stage.foreign = foreign;
        stage.draw(session.document, brand);
      });
    };
    const stop = session.subscribe(load);
    load();
    return stop;
  }, [stage, session, brand]);

  const rehearse = () => {
    const address = page?.address ?? 'https://site.example/';
    const script = { document: session.document, brand, slug: widget.slug, address, width };
    stage.showMistakes(false);
    setRehearsal(new Rehearsal(stage, script, Date.now()));
  };
  const end = () => {
    rehearsal?.end();
    setRehearsal(null);
    stage.face(scene, visibleAt(station));
  };

  return (
    <EditorContext value={editor}>
      <AssetsContext value={assets}>
        <Keys />
        <Grid h="100%" templateRows="48px minmax(0, 1fr) 164px">
          <EditorBar />
          <Grid as="main" templateColumns="236px minmax(0, 1fr) 312px" minH="0">
            <Outline />
            <Stage rehearsal={rehearsal} />
            <Inspector />
          </Grid>
          <Journey rehearsal={rehearsal} onRehearse={rehearse} onEnd={end} />
        </Grid>
      </AssetsContext>
    </EditorContext>
  );
}

function Keys() {
  useEditorKeys();
  return null;
}
