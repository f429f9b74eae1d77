import { compileRules, startSession, watchedBy, type Session } from '@sirene/core/behaviour';
import { createApi } from './api.ts';
import { counter } from './events.ts';
import { factsOf } from './facts.ts';
import { happenings } from './happenings.ts';
import { listen } from './listen.ts';
import { Refused, type Loader } from './loader.ts';
import type { ManifestWidget } from './manifest.ts';
import { openers, reachable } from './openers.ts';
import { attempt, report, say } from './report.ts';
import { announce } from './script.ts';
import { events } from './signals/track.ts';
import { showing } from './showing.ts';
import { memoryOf, unsentOf } from './storage.ts';
import { Surface } from './surface.ts';
import { Told } from './told.ts';

const clock = {
  now: () => Date.now(),
  at(time: number, call: () => void) {
    // A timer is at most about 24 days; triggers are at most an hour.
    const timer = setTimeout(() => attempt(call), time - Date.now());
    return () => clearTimeout(timer);
  },
};

/** Lets a site's widgets appear on the page, from the manifest on. */
export async function start(load: Loader): Promise<void> {
  const { origin, site } = load;
  const basket = new Told();
  const memory = memoryOf(site);
  const { on, tell } = happenings(counter(`${origin}/c/${site}/events`), attempt);
  let widgets: ManifestWidget[] = [];
  let session: Session | undefined;
  const byId = (id: string) => widgets.find((one) => one.id === id);
  const named = (name: string) => widgets.find(({ slug }) => slug === name);
  const surface = new Surface<ManifestWidget>(
    showing({
      load,
      tell,
      page: { clock, basket },
      send: (type, { id }) => session?.send({ type, widget: id }),
    }),
  );

  function open(name: string): boolean {
    const widget = named(name);
    if (widget) session?.send({ type: 'ask', widget: widget.id });
    return widget !== undefined;
  }

  const { api, isReady } = createApi({
    open: (name) => open(name) || say(`there is no published widget named "${name}".`),
    close(name) {
      for (const { id, slug } of widgets)
        if (surface.has(id) && (!name || name === slug)) session?.send({ type: 'close', widget: id });
    },
    track: (name) => events.tell(name),
    basket: (lines) => basket.tell(lines),
    on,
    report,
  });
  announce(window, api);

  try {
    ({ widgets } = await load.manifest());
  } catch (error) {
    if (error instanceof Refused) return say(`nothing is shown. ${error.message}`);
    throw error;
  }
  const running = (session = startSession(compileRules(widgets), memory.read(), {
    clock,
    show(id) {
      const widget = byId(id);
      if (widget) surface.show(widget).catch(report);
    },
    hide(id) {
      const widget = byId(id);
      if (widget) surface.hide(widget);
    },
    remember: memory.write,
  }));
  const arrive = () => {
    running.send({ type: 'arrive', ...factsOf(document, location.href) });
    reachable(document);
  };
  let page = location.pathname + location.search;
  arrive();
  listen(document, running, watchedBy(widgets));
  openers(document, open);
  // Sites that change the page without loading one.
  (window as { navigation?: EventTarget }).navigation?.addEventListener('navigatesuccess', () => {
    const now = location.pathname + location.search;
    if (now !== page) arrive();
    page = now;
  });
  if (unsentOf(site).read())
    load
      .part('form')
      .then(({ sendUnsent }) => sendUnsent(load.submissions, site))
      .catch(report);
  isReady();
}
