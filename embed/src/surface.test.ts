import { standIn } from './testing/platform.js';
import { compileRules, startSession, type WidgetRules } from '@sirene/core/behaviour';
import { compileWidget } from '@sirene/core/compile';
import { buildWidget, words } from '@sirene/core/library/sketch';
import { plainBrand } from '@sirene/core/style';
import fc from 'fast-check';
import { mount } from './mount.js';
import { remainingBody } from './remaining-body.js';
import { facts } from '../../core/src/testing/visits.js';
import { Surface, type Ready } from './surface.js';

standIn();

interface Widget {
  id: string;
}

const bodyOf = (type: 'centre' | 'corner') =>
  compileWidget(
    buildWidget({ name: 'Any', kind: 'popup', placement: { type }, opening: [words('Hello')] }),
    plainBrand,
  );
const bodies = { a: bodyOf('centre'), b: bodyOf('corner') };
type Id = keyof typeof bodies;

/** A page whose bodies come when the test says so. */
function aPage() {
  document.body.replaceChildren();
  const waiting: { id: Id; come: (ready: Ready) => void; fail: (error: Error) => void }[] = [];
  const told: string[] = [];
  const closings = new Map<HTMLElement, () => void>();
  const surface = new Surface<Widget>({
    load: ({ id }) =>
      new Promise((come, fail) => {
        waiting.push({ id: id as Id, come, fail });
      }),
    mount: (widget, { body }) => {
      const mounted = mount(document, body, null, {
        base: '',
        takesFocus: true,
        close: () => surface.hide(widget),
        submit: () => {},
      });
      closings.set(mounted.host, () => mounted.box.querySelector<HTMLElement>('.close')?.click());
      return mounted;
    },
    remain: ({ id }, { body }, row) => {
      told.push(`remains ${id} ${row}`);
      return mount(document, remainingBody(body), null, {
        base: '',
        takesFocus: true,
        close: () => {},
        submit: () => {},
        reopen: () => told.push(`reopen ${id}`),
      });
    },
    shown: ({ id }) => told.push(`shown ${id}`),
    gone: ({ id }) => told.push(`gone ${id}`),
    failed: ({ id }) => told.push(`failed ${id}`),
  });
  return { surface, waiting, told, closings };
}

const settle = async () => {
  for (let turn = 0; turn < 8; turn++) await Promise.resolve();
};

type Deed = { type: 'show' | 'hide' | 'close'; id: Id } | { type: 'come' | 'fail'; which: number };

const deeds = fc.array(
  fc.oneof(
    fc.record({
      type: fc.constantFrom('show' as const, 'show' as const, 'hide' as const, 'close' as const),
      id: fc.constantFrom<Id>('a', 'b'),
    }),
    fc.record({ type: fc.constantFrom('come' as const, 'come' as const, 'fail' as const), which: fc.nat(5) }),
  ),
  { maxLength: 30 },
);

test('whatever comes when: never two of one widget, and never one that can’t be closed', async () => {
  await fc.assert(
    fc.asyncProperty(deeds, async (list: Deed[]) => {
      const { surface, waiting, closings } = aPage();
      const hosts = () => [...closings.keys()].filter((host) => host.isConnected);
      for (const deed of list) {
        if ('which' in deed) {
          const [one] = waiting.splice(deed.which % Math.max(waiting.length, 1), 1);
          if (deed.type === 'come' && one) one.come({ body: bodies[one.id] });
          else one?.fail(new Error('no body'));
        } else if (deed.type === 'show') void surface.show({ id: deed.id });
        else if (deed.type === 'hide') surface.hide({ id: deed.id });
        else
          for (const mounted of surface.mounted) {
            if (mounted.body === bodies[deed.id]) closings.get(mounted.host)?.();
          }
        await settle();
        const mounted = surface.mounted;
        // What is on the page is what is known to be, and of each widget there is one.
        expect(hosts().sort()).toEqual(mounted.map(({ host }) => host).sort());
        expect(new Set(mounted.map(({ body }) => body)).size).toBe(mounted.length);
      }
      for (const host of hosts()) closings.get(host)?.();
      expect(hosts()).toEqual([]);
    }),
    { numRuns: 300 },
  );
});

test('a page that changes its address while a body loads shows it once, and it can be closed', async () => {
  const rules: WidgetRules[] = [
    {
      id: 'a',
      slug: 'a',
      mode: 'overlay',
      triggers: { any: [{ type: 'load' }] },
      targeting: { all: [] },
      frequency: { per: 'page' },
      returning: { afterClosing: 0, afterSubmitting: null },
    } as unknown as WidgetRules,
  ];
  const { surface, waiting, told } = aPage();
  const session = startSession(compileRules(rules), undefined, {
    clock: { now: () => 0, at: () => () => {} },
    show: (id) => void surface.show({ id }),
    hide: (id) => surface.hide({ id }),
    remember: () => {},
  });
  const arrive = (address: string) => session.send({ type: 'arrive', ...facts({ address }) });
  arrive('https://x.example/');
  arrive('https://x.example/next');
  expect(waiting).toHaveLength(2);
  for (const one of waiting) one.come({ body: bodies.a });
  await settle();
  expect(document.querySelectorAll('body > div')).toHaveLength(1);
  expect(told).toEqual(['shown a']);
});

test('one that is on its way out makes room for the next of its kind at once', async () => {
  const { surface, waiting } = aPage();
  const leaving = { ...bodies.a, exit: 5000 };
  for (const _ of [1, 2]) {
    void surface.show({ id: 'a' });
    waiting.pop()?.come({ body: leaving });
    await settle();
    surface.hide({ id: 'a' });
    expect(document.querySelectorAll('body > div')).toHaveLength(1);
  }
});

test('the teaser of what was closed is a folded tab, opens it again, and goes when it is shown or hidden', async () => {
  const { surface, waiting, told } = aPage();
  const body = compileWidget(
    buildWidget({
      name: 'Any',
      kind: 'popup',
      placement: { type: 'centre', closing: { button: true, escape: true, backdrop: true, teaser: 'left' } },
      opening: [words('Hello')],
      scenes: { teaser: [words('Still here')] },
    }),
    plainBrand,
  );
  expect(body.remains).toBe('left');
  const hosts = () => [...document.querySelectorAll<HTMLElement>('body > div')];
  for (const id of ['a', 'b']) {
    void surface.remain({ id });
    waiting.pop()?.come({ body });
    await settle();
  }
  expect(told).toEqual(['remains a 0', 'remains b 1']);
  const box = hosts()[0]?.shadowRoot?.querySelector('.box');
  expect(box?.hasAttribute('data-folded')).toBe(true);
  expect(box?.tagName).toBe('DIV');
  box?.querySelector<HTMLElement>('.launcher')?.click();
  expect(told.at(-1)).toBe('reopen a');
  void surface.show({ id: 'a' });
  waiting.pop()?.come({ body });
  await settle();
  expect(hosts().map(({ shadowRoot }) => shadowRoot?.querySelector('.box')?.tagName)).toEqual([
    'DIV',
    'DIALOG',
  ]);
  surface.hide({ id: 'a' });
  surface.hide({ id: 'b' });
  expect(hosts()).toEqual([]);
});

test('a teaser that can’t be had is missed, and nothing else is', async () => {
  const { surface, waiting, told } = aPage();
  void surface.show({ id: 'b' });
  waiting.pop()?.come({ body: bodies.b });
  await settle();
  const remaining = surface.remain({ id: 'a' });
  waiting.pop()?.fail(new Error('offline'));
  await remaining;
  expect(told).toEqual(['shown b', 'failed a']);
  surface.hide({ id: 'a' });
  surface.hide({ id: 'b' });
  expect(document.querySelectorAll('body > div')).toHaveLength(0);
});

test('a teaser whose widget is shown before its body has come stays away', async () => {
  const { surface, waiting, told } = aPage();
  void surface.remain({ id: 'a' });
  void surface.show({ id: 'a' });
  for (const one of waiting) one.come({ body: bodies.a });
  await settle();
  expect(told).toEqual(['shown a']);
});

test('one that can’t be mounted leaves nothing behind and says so', async () => {
  const { surface, waiting, told } = aPage();
  const show = Object.getOwnPropertyDescriptor(
    HTMLDialogElement.prototype,
    'showModal',
  ) as PropertyDescriptor;
  HTMLDialogElement.prototype.showModal = () => {
    throw new Error('not here');
  };
  void surface.show({ id: 'a' });
  waiting.pop()?.come({ body: bodies.a });
  await settle();
  Object.defineProperty(HTMLDialogElement.prototype, 'showModal', show);
  expect(document.querySelectorAll('body > div')).toHaveLength(0);
  expect(told).toEqual(['failed a']);
  expect(surface.has('a')).toBe(false);
});

test('what comes late for a widget that is gone is stopped at once', async () => {
  const stopped: string[] = [];
  let late: ((stop: () => void) => void) | undefined;
  const { waiting } = aPage();
  const surface = new Surface<Widget>({
    load: ({ id }) =>
      new Promise((come, fail) => {
        waiting.push({ id: id as Id, come, fail });
      }),
    mount: (_, { body }) =>
      mount(document, body, null, { base: '', takesFocus: true, close: () => {}, submit: () => {} }),
    shown: (_widget, _mounted, end) => {
      end(() => stopped.push('early'));
      late = end;
    },
    remain: () => {
      throw new Error('nothing remains here');
    },
    gone: () => {},
    failed: () => {},
  });
  void surface.show({ id: 'b' });
  waiting.pop()?.come({ body: bodies.b });
  await settle();
  surface.hide({ id: 'b' });
  late?.(() => stopped.push('late'));
  expect(stopped).toEqual(['early', 'late']);
});
