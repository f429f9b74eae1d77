import { valueAt } from '@sirene/core/base/maps';
import type { CompiledWidget } from '@sirene/core/compile';
import type { PartName } from '@sirene/core/document/parts';
import type { Api } from './api.ts';
import { codesOf } from './codes.ts';
import { counter } from './events.ts';
import { follow } from './follow.ts';
import type { Happening } from './happenings.ts';
import type { ManifestWidget } from './manifest.ts';
import { mount, type Mounted } from './mount.ts';
import type { Attached, PartPage } from './parts/part.ts';
import { isAttachable } from './parts/part.ts';
import type { FormPort } from './parts/checks.ts';
import type { Answer } from './parts/sending.ts';
import { placeOf } from './place.ts';
import { remainingBody } from './remaining-body.ts';
import { report, say } from './report.ts';
import { serverClock } from './server-clock.ts';
import { chatMemoryOf, startsOf } from './storage.ts';
import type { SurfacePort } from './surface.ts';

/** The parts that showing widgets calls by itself. */
interface Called {
  anchor: typeof import('./parts/anchor.ts');
  form: typeof import('./parts/form.ts');
  checks: typeof import('./parts/checks.ts');
  sending: typeof import('./parts/sending.ts');
  work: typeof import('./parts/work.ts');
}

/** What showing widgets needs of the session around it. */
export interface ShowingPort {
  load: {
    origin: string;
    site: string;
    submissions: string;
    isTry?: boolean;
    body(widget: ManifestWidget): Promise<CompiledWidget>;
    part<P extends keyof Called>(part: P): Promise<Called[P]>;
    part(part: PartName): Promise<object>;
  };
  page: Pick<PartPage, 'clock' | 'basket' | 'identify' | 'visitAt' | 'onEvent'>;
  send(type: 'close' | 'submit' | 'fail', widget: ManifestWidget): void;
  /** Opens another widget by its address name. */
  open(name: string): void;
  tell(happening: Happening, widget: ManifestWidget, detail?: unknown): void;
}

/** What of it is counted, and as what. What visitors ask of the page itself is not. */
const counted = { open: 'shown', close: 'closed', submit: 'submitted' } as const;

/** How widgets come onto a visitor's page: fetched, mounted, each with the parts it needs. */
export function showing({ load, page, send, open, tell }: ShowingPort): SurfacePort<ManifestWidget> {
  const attached = new WeakMap<Mounted, Set<Attached>>();
  const starts = startsOf(load.site, load.isTry);
  const serverAhead = load.isTry ? () => Promise.resolve(null) : serverClock(load.origin);
  const codes = load.isTry ? undefined : codesOf(`${load.origin}/c/${load.site}`, load.site);
  const files = load.isTry ? undefined : `${load.origin}/c/${load.site}/files`;
  const raised = load.isTry ? undefined : `${load.origin}/c/${load.site}/raised`;
  const chat = load.isTry
    ? undefined
    : { address: `${load.origin}/c/${load.site}/chat`, memory: chatMemoryOf(load.site) };
  const count = load.isTry ? () => {} : counter(`${load.origin}/c/${load.site}/events`);

  const formParts = () => Promise.all([load.part('form'), load.part('checks')]);

  function happened(happening: keyof typeof counted, widget: ManifestWidget, detail?: unknown): void {
    count({ type: counted[happening], widget: widget.id });
    tell(happening, widget, detail);
  }

  function submitted(
    widget: ManifestWidget,
    mounted: Mounted,
    greet: (box: Element) => void,
    values: Readonly<Record<string, string>>,
    { next, member }: Answer = {},
  ): void {
    send('submit', widget);
    // Before its listeners hear of it, the page knows whom it has before it.
    if (member) (window as unknown as { sirene: Pick<Api, 'identify'> }).sirene.identify(member);
    happened('submit', widget, member);
    if (next !== undefined) return location.assign(next);
    follow(mounted.body.after, values, {
      open: (address) => location.assign(address),
      openWidget: open,
      close: () => send('close', widget),
      thank() {
        mounted.show('thanks', true);
        greet(mounted.box);
      },
    });
  }

  function submit(form: HTMLFormElement, id: string, widget: ManifestWidget, mounted: Mounted): void {
    const rule = valueAt(mounted.body.forms, id) ?? { fields: [] };
    formParts()
      .then(([part, checks]) => {
        const port: FormPort = {
          widget: widget.id,
          rule,
          async send(values, secret, by) {
            const done = (answer?: Answer) => {
              part.arrived(form, widget.id);
              submitted(widget, mounted, (box) => checks.greet(box, values), secret ? {} : values, answer);
            };
            // In a try nothing is sent.
            if (load.isTry) return done();
            const { send } = await load.part('sending');
            await send(form, values, {
              address: load.submissions,
              site: load.site,
              widget: widget.id,
              body: widget.body,
              secret,
              by,
              prove: async (...asked) => (await load.part('work')).prove(...asked),
              refused: (faults) => checks.showFaults(form, rule, faults),
              done,
            });
          },
        };
        return checks.submit(form, port, part);
      })
      .catch((error: unknown) => {
        // What was entered stands where it was entered; the visitor can press again.
        const status = form.querySelector('.status');
        if (status) status.textContent = form.getAttribute('data-failed');
        report(error);
      });
  }

  /** Once somebody begins to fill a form in, what they enter is checked: until then no page loads what that takes. */
  function checkOnceTouched({ parts }: ManifestWidget, mounted: Mounted): void {
    if (!parts.includes('form')) return;
    const begun = () => {
      formParts()
        .then(([part, checks]) => checks.watchAll(mounted, part))
        .catch(report);
    };
    mounted.box.addEventListener('focusin', begun);
  }

  return {
    async load(widget) {
      // Side by side: what is shown waits for the slowest of them, not for one after the other.
      const [body, anchor] = await Promise.all([
        load.body(widget),
        widget.parts.includes('anchor') ? load.part('anchor') : null,
        ...widget.parts.map((part) => load.part(part).catch(report)),
      ]);
      return { body, ...(anchor && { hang: anchor.hang }) };
    },
    mount(widget, { body, hang }) {
      const mounted: Mounted = mount(document, body, find(widget, body), {
        base: load.origin,
        takesFocus: true,
        ...(hang && { hang }),
        written: (of) => attached.get(of)?.forEach((part) => part.written?.()),
        basket: (id, quantity) => tell('basket', widget, { id, quantity }),
        retry: () => tell('retry', widget),
        close: () => send('close', widget),
        submit: (form, id) => submit(form, id, widget, mounted),
      });
      return mounted;
    },
    remain(widget, { body }, row) {
      const mounted = mount(document, remainingBody(body), null, {
        base: load.origin,
        takesFocus: true,
        close: () => {},
        submit: () => {},
        reopen: () => open(widget.slug),
      });
      mounted.box.style.setProperty('--row', String(row));
      return mounted;
    },
    shown(widget, mounted, end) {
      const parts = new Set<Attached>();
      attached.set(mounted, parts);
      for (const name of widget.parts)
        load
          .part(name)
          .then((part) => {
            if (!isAttachable(part)) return;
            const one = part.attach(
              mounted,
              { ...page, starts, serverAhead, codes, files, raised, chat },
              {
                id: widget.id,
                body: widget.body,
                close: () => send('close', widget),
                leave: (address) => location.assign(address),
                open,
              },
            );
            parts.add(one);
            end(() => {
              parts.delete(one);
              one.end();
            });
          })
          .catch(report);
      checkOnceTouched(widget, mounted);
      happened('open', widget);
    },
    gone: (widget) => happened('close', widget),
    failed(widget, error) {
      report(error);
      // Its place is free for another; it is tried again on the next page.
      send('fail', widget);
    },
  };
}

function find({ slug }: ManifestWidget, body: CompiledWidget): Element | null {
  try {
    return placeOf(document, slug, body);
  } catch {
    say(`"${slug}" hangs on "${(body.placement as { to: string }).to}", which is no selector.`);
    return null;
  }
}
