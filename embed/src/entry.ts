import { compileRules, startSession, type Session } from '@sirene/core/behaviour';
import { valueAt } from '@sirene/core/base/maps';
import type { CompiledWidget } from '@sirene/core/compile';
import { counter } from './events.ts';
import { follow } from './follow.ts';
import { arrive, listen } from './listen.ts';
import type { Manifest, ManifestWidget } from './manifest.ts';
import { happenings, type Happening, type Listener } from './happenings.ts';
import { mount, type Mounted } from './mount.ts';
import { openers, reachable } from './openers.ts';
import { partLoader, type Parts } from './parts.ts';
import { placeOf } from './place.ts';
import { announce, isRunning, ownScript } from './script.ts';
import { memoryOf, unsentOf } from './storage.ts';
import { Surface } from './surface.ts';

/** The names of the built parts; each carries its content's hash. Set by the build. */
declare const PARTS: Record<keyof Parts, string>;

interface Api {
  /** Shows a widget by its address name, whatever its rules say. */
  open(name: string): void;
  /** Closes one widget, or all that are open. */
  close(name?: string): void;
  basket: {
    /** Tells widgets what is in the shop's basket: `[{ id, name, price, quantity, picture?, note? }]`. */
    set(lines: unknown): void;
  };
  /**
   * Calls back when a widget opens, closes or is submitted, when a visitor asks to try again what could not be loaded, or
   * changes a line of the basket (with its id and the quantity wanted); returns what stops it.
   */
  on(happening: Happening, listener: Listener): () => void;
  /** Resolved once widgets may appear. */
  ready: Promise<void>;
}

const say = (text: string, ...more: unknown[]) => console.info(`Sirene: ${text}`, ...more);

async function start(script: HTMLScriptElement): Promise<void> {
  const { origin } = new URL(script.src);
  const site = encodeURIComponent(script.dataset['site'] ?? '');
  const submissions = `${origin}/c/${site}/submissions`;
  const part = partLoader(`${origin}/embed/`, PARTS, (address) => import(/* @vite-ignore */ address));
  const { on, tell } = happenings(counter(`${origin}/c/${site}/events`), attempt);
  let widgets: ManifestWidget[] = [];
  let basket: unknown;
  let session: Session | undefined;
  let isReady = () => {};

  const api: Api = {
    open: (name) => void api.ready.then(() => send('ask', name)),
    close: (name) =>
      void api.ready.then(() => {
        for (const { id, slug } of widgets)
          if (surface.has(id) && (!name || name === slug)) send('close', slug);
      }),
    basket: {
      set(lines) {
        basket = lines;
        for (const mounted of surface.mounted) fill(mounted);
      },
    },
    on,
    ready: new Promise((resolve) => (isReady = resolve)),
  };
  announce(window, api);

  const memory = memoryOf(site);

  function send(type: 'ask' | 'close' | 'submit' | 'fail', name: string): void {
    const widget = widgets.find(({ slug }) => slug === name);
    if (!widget) return say(`there is no published widget named "${name}".`);
    session?.send({ type, widget: widget.id });
  }

  // The basket's lines, where the page has told them and the widget shows them.
  function fill(mounted: Mounted): void {
    if (basket === undefined || !mounted.body.scripts.includes('basket')) return;
    part('basket')
      .then(({ fillBasket }) => fillBasket(mounted, basket))
      .catch(report);
  }

  const surface = new Surface<ManifestWidget>({
    async load({ slug, body: address, integrity }) {
      // The browser itself refuses a body that is not the one that was published.
      const fetched = await fetch(origin + address, integrity ? { integrity } : {});
      if (!fetched.ok) throw new Error(`body of ${slug}: ${fetched.status}`);
      const body = (await fetched.json()) as CompiledWidget;
      return body.placement.type === 'anchored' ? { body, hang: (await part('anchor')).hang } : { body };
    },
    mount: (widget, { body, hang }) => {
      const mounted: Mounted = mount(document, body, find(widget, body), {
        base: origin,
        takesFocus: true,
        ...(hang && { hang }),
        written: fill,
        basket: (id, quantity) => tell('basket', widget, { id, quantity }),
        retry: () => tell('retry', widget),
        close: () => send('close', widget.slug),
        submit: (form, id) =>
          void part('form')
            .then(({ submit }) =>
              submit(form, {
                address: submissions,
                site,
                widget: widget.id,
                body: widget.body,
                rule: valueAt(body.forms, id) ?? { fields: [] },
                done: () => submitted(widget, mounted),
              }),
            )
            .catch((error: unknown) => {
              // What was entered stands where it was entered; the visitor can press again.
              const status = form.querySelector('.status');
              if (status) status.textContent = form.getAttribute('data-failed');
              report(error);
            }),
      });
      return mounted;
    },
    shown(widget, mounted, end) {
      const { scripts, forms } = mounted.body;
      if (scripts.includes('countdown'))
        part('countdown')
          .then(({ count: start }) => end(start(mounted, port.clock)))
          .catch(report);
      if (Object.keys(forms).length > 0) part('form').catch(report);
      tell('open', widget);
    },
    gone: (widget) => tell('close', widget),
    failed(widget, error) {
      report(error);
      // Its place is free for another; it is tried again on the next page.
      send('fail', widget.slug);
    },
  });

  function submitted(widget: ManifestWidget, mounted: Mounted): void {
    send('submit', widget.slug);
    tell('submit', widget);
    follow(mounted.body.after, {
      open: (address) => location.assign(address),
      close: () => send('close', widget.slug),
      thank: () => mounted.show('thanks', true),
    });
  }

  function find({ slug }: ManifestWidget, body: CompiledWidget): Element | null {
    try {
      return placeOf(document, slug, body);
    } catch {
      say(`"${slug}" hangs on "${(body.placement as { to: string }).to}", which is no selector.`);
      return null;
    }
  }

  const withId = <T>(id: string, use: (widget: ManifestWidget) => T): T | undefined => {
    const widget = widgets.find((one) => one.id === id);
    return widget && use(widget);
  };

  const port = {
    clock: {
      now: () => Date.now(),
      at(time: number, call: () => void) {
        // A timer is at most about 24 days; triggers are at most an hour.
        const timer = setTimeout(() => attempt(call), time - Date.now());
        return () => clearTimeout(timer);
      },
    },
    show: (id: string) => void withId(id, (widget) => surface.show(widget)),
    hide: (id: string) => withId(id, (widget) => surface.hide(widget)),
    remember: memory.write,
  };

  const response = await fetch(`${origin}/m/${site}.json`);
  if (!response.ok) {
    const { message } = (await response.json()) as { message?: string };
    return say(`nothing is shown. ${message ?? `The server answered ${response.status}.`}`);
  }
  ({ widgets } = (await response.json()) as Manifest);

  const running = (session = startSession(compileRules(widgets), memory.read(), port));
  let page = location.pathname + location.search;
  arrive(document, running, location.href);
  listen(document, running);
  reachable(document);
  openers(document, (name) => {
    const isKnown = widgets.some(({ slug }) => slug === name);
    if (isKnown) send('ask', name);
    return isKnown;
  });
  // Sites that change the page without loading one.
  (window as { navigation?: EventTarget }).navigation?.addEventListener('navigatesuccess', () => {
    const now = location.pathname + location.search;
    if (now !== page) {
      arrive(document, running, location.href);
      reachable(document);
    }
    page = now;
  });
  if (unsentOf(site).read())
    part('form')
      .then(({ sendUnsent }) => sendUnsent(submissions, site))
      .catch(report);
  isReady();
}

// Whatever goes wrong in here stays in here: the page must not notice.
const report = (error: unknown) => say('something went wrong.', error);

function attempt(call: () => void): void {
  try {
    call();
  } catch (error) {
    report(error);
  }
}

const script = ownScript(document);
if (script && !isRunning(window)) start(script).catch(report);
