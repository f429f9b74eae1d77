import { valueAt } from '@sirene/core/base/maps';
import type { CompiledWidget } from '@sirene/core/compile';
import { follow } from './follow.ts';
import type { Happening } from './happenings.ts';
import type { Loader } from './loader.ts';
import type { ManifestWidget } from './manifest.ts';
import { mount, type Mounted } from './mount.ts';
import type { Attached, PartPage } from './parts/part.ts';
import { isAttachable, partsOf } from './parts/registry.ts';
import { placeOf } from './place.ts';
import { report, say } from './report.ts';
import type { SurfacePort } from './surface.ts';

/** What showing widgets needs of the session around it. */
export interface ShowingPort {
  load: Loader;
  page: PartPage;
  send(type: 'close' | 'submit' | 'fail', widget: ManifestWidget): void;
  tell(happening: Happening, widget: ManifestWidget, detail?: unknown): void;
}

/** How widgets come onto a visitor's page: fetched, mounted, each with the parts it needs. */
export function showing({ load, page, send, tell }: ShowingPort): SurfacePort<ManifestWidget> {
  const attached = new WeakMap<Mounted, Set<Attached>>();

  function submitted(widget: ManifestWidget, mounted: Mounted): void {
    send('submit', widget);
    tell('submit', widget);
    follow(mounted.body.after, {
      open: (address) => location.assign(address),
      close: () => send('close', widget),
      thank: () => mounted.show('thanks', true),
    });
  }

  function submit(form: HTMLFormElement, id: string, widget: ManifestWidget, mounted: Mounted): void {
    load
      .part('form')
      .then((part) =>
        part.submit(form, {
          address: load.submissions,
          site: load.site,
          widget: widget.id,
          body: widget.body,
          rule: valueAt(mounted.body.forms, id) ?? { fields: [] },
          done: () => submitted(widget, mounted),
        }),
      )
      .catch((error: unknown) => {
        // What was entered stands where it was entered; the visitor can press again.
        const status = form.querySelector('.status');
        if (status) status.textContent = form.getAttribute('data-failed');
        report(error);
      });
  }

  return {
    async load(widget) {
      const body = await load.body(widget);
      return body.placement.type === 'anchored' ? { body, hang: (await load.part('anchor')).hang } : { body };
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
    shown(widget, mounted, end) {
      const parts = new Set<Attached>();
      attached.set(mounted, parts);
      for (const name of partsOf(mounted.body))
        load
          .part(name)
          .then((part) => {
            if (!isAttachable(part)) return;
            const one = part.attach(mounted, page);
            parts.add(one);
            end(() => {
              parts.delete(one);
              one.end();
            });
          })
          .catch(report);
      tell('open', widget);
    },
    gone: (widget) => tell('close', widget),
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
