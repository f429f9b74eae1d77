import {
  askingRules,
  compileRules,
  startSession,
  type Clock,
  type Memory,
  type Session,
  type SiteRules,
} from '@sirene/core/behaviour';
import { createApi } from './api.ts';
import { factsOf } from './facts.ts';
import { happenings } from './happenings.ts';
import { listen } from './listen.ts';
import { Refused, type Loader } from './loader.ts';
import type { Manifest, ManifestWidget } from './manifest.ts';
import { marked, openers } from './openers.ts';
import type { Parts } from './parts/registry.ts';
import { attempt, report, say } from './report.ts';
import { announce } from './script.ts';
import { addFacts, toldByPage } from './told-by-page.ts';
import { waitingUnsent, memoryOf, type Storage } from './storage.ts';
import type { Surface } from './surface.ts';

const ownClock = {
  now: () => Date.now(),
  at(time: number, call: () => void) {
    // A timer is at most about 24 days; what is due later is asked for again then.
    const timer = setTimeout(() => attempt(call), Math.min(time - Date.now(), longest));
    return () => clearTimeout(timer);
  },
};

/** The longest that is waited for at once, ms: timers take a signed number of 32 bits (HTML, timers). */
const longest = 2e9;

// What is fetched beforehand is asked for again by who needs it, who says what went wrong.
const later = () => {};

/** What a try has in the place of the visitor's own. */
export interface Instead {
  clock: Clock;
  memory: Storage<Memory>;
  /** Called once widgets may appear. */
  started(site: SiteRules, session: Session): void;
}

/** Lets a site's widgets appear on the page, from the manifest on. */
export async function start(load: Loader, instead?: Instead): Promise<void> {
  const { site } = load;
  const { clock, memory } = instead ?? { clock: ownClock, memory: memoryOf(site) };
  const { on, tell } = happenings(attempt);
  let widgets: ManifestWidget[] = [];
  let rules = compileRules([]);
  let session: Session | undefined;
  const byId = (id: string) => widgets.find((one) => one.id === id);
  const named = (name: string) => widgets.find(({ slug }) => slug === name);
  let surface: Promise<Surface<ManifestWidget>> | undefined;
  const withSurface = (
    id: string,
    call: (surface: Surface<ManifestWidget>, widget: ManifestWidget) => unknown,
  ) => {
    const widget = byId(id);
    if (!widget) return;
    surface ??= load.part('showing').then(({ surfaceFor }) =>
      surfaceFor({
        load,
        tell,
        page: {
          clock,
          basket: toldByPage.basket,
          identify: toldByPage.identify,
          visitAt: () => session?.state().memory.visitAt ?? clock.now(),
          onEvent: (call) => toldByPage.track.follow(({ name }) => call(String(name))),
        },
        open: (name) => void open(name),
        send: (type, of) => session?.send({ type, widget: of.id }),
      }),
    );
    surface
      .then((on) => call(on, widget))
      .catch((error: unknown) => {
        report(error);
        // Its place is free for another; the next that comes asks for the surface anew.
        surface = undefined;
        session?.send({ type: 'fail', widget: id });
      });
  };

  function open(name: string): boolean {
    const widget = named(name);
    if (widget) session?.send({ type: 'ask', widget: widget.id });
    return widget !== undefined;
  }

  const { api, isReady } = createApi({
    open: (name) => open(name) || say(`no widget "${name}" is published.`),
    close(name) {
      for (const { id, slug } of widgets)
        if (!name || name === slug) session?.send({ type: 'close', widget: id });
    },
    track: (name, data) => toldByPage.track.tell({ name, data }),
    set: addFacts,
    identify: toldByPage.identify.tell,
    basket: toldByPage.basket.tell,
    async why() {
      const { whyAll } = await load.part('why');
      return session ? whyAll(rules, session.state()) : {};
    },
    on,
    report,
  });
  // What a page has said before the script was there: `window.sirene = { set: {…}, identify: {…}, basket: […] }`.
  const { set, identify, basket } = (window as unknown as { sirene?: Record<string, unknown> }).sirene ?? {};
  addFacts(set);
  if (identify !== undefined) toldByPage.identify.tell(identify);
  if (basket !== undefined) toldByPage.basket.tell(basket);
  announce(window, api);

  let manifest: Manifest;
  try {
    manifest = await load.manifest();
    ({ widgets } = manifest);
    rules = compileRules(widgets, manifest.policy);
  } catch (error) {
    if (error instanceof Refused) return say(`nothing is shown. ${error.message}`);
    throw error;
  }
  const running = (session = startSession(rules, memory.read(), {
    clock,
    show(id) {
      withSurface(id, (on, widget) => on.show(widget));
      const widget = byId(id);
      // Side by side with the surface: what is shown waits for the slowest, not for one after the other.
      if (widget) load.body(widget).catch(later);
    },
    remain: (id) => withSurface(id, (on, widget) => on.remain(widget)),
    hide: (id) => withSurface(id, (on, widget) => on.hide(widget)),
    remember: memory.write,
  }));
  let types: Parts['page-types'] | void;
  const arrive = () => {
    running.send({ type: 'arrive', ...factsOf(document, location.href, types?.typesOf(document)) });
    if (document.querySelector(marked))
      load
        .part('signals')
        .then((part) => part.reachable(document))
        .catch(report);
  };
  let page = location.pathname + location.search;
  // Inline widgets are seen as soon as the page is: what they need is fetched beside what decides whether they are.
  for (const widget of widgets)
    if (widget.mode === 'inline' && document.querySelector(`[data-sirene="${widget.slug}"]`))
      for (const wanted of [load.body(widget), ...['showing' as const, ...widget.parts].map(load.part)])
        wanted.catch(later);
  const { heard } = listen(document, running, manifest, load.part);
  // What a page says that it is: read by a part of its own, and waited for where some rule asks.
  if (widgets.flatMap(askingRules).some(({ type }) => type === 'page-type'))
    types = await load.part('page-types').catch(report);
  await heard;
  arrive();
  openers(document, open);
  // Sites that change the page without loading one.
  (window as { navigation?: EventTarget }).navigation?.addEventListener('navigatesuccess', () => {
    const now = location.pathname + location.search;
    if (now !== page) arrive();
    page = now;
  });
  if (waitingUnsent(site))
    load
      .part('sending')
      .then(({ sendUnsent }) =>
        sendUnsent(load.submissions, site, async (...asked) => (await load.part('work')).prove(...asked)),
      )
      .catch(report);
  instead?.started(rules, running);
  isReady();
}
