/** @jest-environment jsdom */
import { openPolicy } from '@sirene/core/behaviour';
import { createElement } from '@sirene/core/document/elements';
import { createPlacement } from '@sirene/core/document/placement';
import type { CompiledWidget } from '@sirene/core/compile';
import { completeBrand } from '@sirene/core/style';
import { createWidget, type WidgetDocument } from '@sirene/core/document/widget';
import type { ManifestWidget } from '@sirene/embed/manifest';
import type { StageController, StagePort } from '../stage/stage-controller.js';
import { Rehearsal, type Script } from './rehearsal.js';

/** A stage that only notes what it is asked to show. */
class NotedStage {
  shown: string[] = [];
  port: StagePort | null = null;
  page = null;
  sought: number[] = [];
  companions = {
    there: new Map<string, Pick<StagePort, 'close' | 'reopen'>>(),
    show(id: string, _: string, __: unknown, own: Pick<StagePort, 'close' | 'reopen'>) {
      this.there.set(id, own);
    },
    hide(id: string) {
      this.there.delete(id);
    },
    clear() {
      this.there.clear();
    },
  };
  goBy = () => {};
  seek = (time: number) => this.sought.push(time);
  perform = (port: StagePort | null) => (this.port = port);
  face = (scene: string, visible: boolean) => this.shown.push(visible ? scene : 'nothing');
  comeAgain = () => this.shown.push('comes in');
  fillAnswers = () => {};
}

function letter(): WidgetDocument {
  const document = createWidget('Letter');
  document.elements = {
    opening: { type: 'group', direction: 'column', children: ['form'] },
    thanks: { type: 'group', direction: 'column', children: [] },
    form: { type: 'form', children: ['email', 'send'] },
    email: { type: 'field', kind: 'email', key: 'email', label: 'E-mail', required: true },
    send: createElement('button'),
  };
  document.behaviour = {
    triggers: { any: [{ type: 'delay', seconds: 8 }, { type: 'scroll', share: 0.5 }, { type: 'leave' }] },
    targeting: { all: [{ type: 'address', include: ['/journal/*'], exclude: [] }] },
    frequency: { per: 'page' },
    returning: { afterClosing: 2, afterSubmitting: null },
    priority: 0,
  };
  return document;
}

const moon = 'https://x.example/journal/moon';
const shop = 'https://x.example/shop/';

function rehearse(address = moon, changes: Partial<Script> = {}) {
  const stage = new NotedStage();
  const turned: string[] = [];
  const script: Script = {
    document: letter(),
    brand: completeBrand(null),
    slug: 'letter',
    address,
    pages: [moon, shop].map((page) => ({ address: page, types: [] })),
    width: 1280,
    visitor: { from: '', campaign: '', language: 'en', touch: false },
    others: [],
    policy: openPolicy,
    ...changes,
  };
  const rehearsal = new Rehearsal(stage as unknown as StageController, script, 1_000_000, {
    turnTo: (next) => turned.push(next),
    load: () => Promise.resolve({} as CompiledWidget),
  });
  return { stage, rehearsal, turned };
}

function formWith(email: string): HTMLFormElement {
  document.body.innerHTML = `<form data-e="form"><div data-e="email"><input name="email" value="${email}"><p id="email-error"></p></div></form>`;
  return document.querySelector('form') as HTMLFormElement;
}

const texts = (rehearsal: Rehearsal) => rehearsal.log.map(({ at, text }) => `${at / 1000} ${text}`);

test('it comes after eight seconds of virtual time and not before', () => {
  const { rehearsal } = rehearse();
  rehearsal.pass(7999);
  expect(rehearsal.open).toBe(false);
  rehearsal.pass(1);
  expect(rehearsal.open).toBe(true);
  expect(texts(rehearsal)).toEqual(['0 Arrives on /journal/moon', '8 The widget appears']);
});

test.each<[string, (rehearsal: Rehearsal) => void]>([
  ['scrolling', (rehearsal) => rehearsal.happens('scroll', { share: 0.6 })],
  ['making to leave', (rehearsal) => rehearsal.happens('leave', {})],
])('%s brings it at once', (_, act) => {
  const { rehearsal, stage } = rehearse();
  act(rehearsal);
  expect(rehearsal.open).toBe(true);
  expect(stage.shown.slice(-2)).toEqual(['opening', 'comes in']);
});

test('an event that a rule waits for is offered once by its name, and the log tells that it happened', () => {
  const document = letter();
  const waits = { type: 'event', name: 'paid' } as const;
  document.behaviour = { ...document.behaviour, triggers: { all: [waits, { ...waits }] } };
  const { rehearsal } = rehearse(moon, { document });
  const labels = rehearsal.presses.map(({ label }) => label);
  expect(labels).toEqual(['Exit intent', 'Activity', 'Event “paid”']);
  const { signal, detail } = rehearsal.presses.at(-1) as (typeof rehearsal.presses)[number];
  rehearsal.happens(signal, detail);
  expect(rehearsal.open).toBe(true);
  expect(texts(rehearsal)).toContain('0 Event “paid”');
});

test('closed, it stays away for its pause and says so; then it comes again', () => {
  const { rehearsal, stage } = rehearse();
  rehearsal.happens('leave', {});
  stage.port?.close();
  expect([rehearsal.open, stage.shown.at(-1)]).toEqual([false, 'nothing']);
  rehearsal.comeBack(1);
  rehearsal.happens('leave', {});
  expect(rehearsal.open).toBe(false);
  expect(rehearsal.explain()).toContainEqual({
    holds: false,
    wanted: 'It was closed, and may not show again yet',
    parts: [],
  });
  rehearsal.comeBack(2);
  rehearsal.happens('leave', {});
  expect(rehearsal.open).toBe(true);
});

test('a mistake in the form is told; sent right, the thanks are shown and it never comes again', () => {
  const { rehearsal, stage } = rehearse();
  rehearsal.happens('leave', {});
  stage.port?.submit(formWith('mira'), 'form');
  expect(document.getElementById('email-error')?.textContent).toMatch(/check the address/);
  expect(rehearsal.log.at(-1)?.text).toBe('Submits with an error');
  stage.port?.submit(formWith('mira@x.example'), 'form');
  expect(stage.shown.at(-1)).toBe('thanks');
  stage.port?.close();
  rehearsal.comeBack(400);
  rehearsal.happens('leave', {});
  expect(rehearsal.open).toBe(false);
  expect(rehearsal.memory?.visits).toBe(2);
});

test('on a page that is not meant, it does not come, and the reason is named', () => {
  const { rehearsal } = rehearse('https://x.example/shop/');
  rehearsal.happens('leave', {});
  expect(rehearsal.open).toBe(false);
  expect(rehearsal.explain()?.[0]).toMatchObject({
    holds: false,
    wanted: 'Not all of these hold',
    parts: [{ holds: false, wanted: 'Visitors on /journal/*', found: '/shop' }],
  });
});

test('who listens hears of it, and the stage is given back at the end', () => {
  const { rehearsal, stage } = rehearse();
  let heard = 0;
  rehearsal.subscribe(() => heard++);
  rehearsal.pass(1000);
  expect(heard).toBeGreaterThan(0);
  rehearsal.end();
  expect(stage.port).toBeNull();
});

test('the next page is the site’s next one, is put on the stage, and its rules hold there', () => {
  const { rehearsal, turned } = rehearse();
  rehearsal.nextPage();
  expect([turned, rehearsal.address]).toEqual([[shop], shop]);
  rehearsal.happens('leave', {});
  expect(rehearsal.open).toBe(false);
  rehearsal.nextPage();
  rehearsal.happens('leave', {});
  expect(rehearsal.open).toBe(true);
  expect(rehearsal.log.map(({ text }) => text)).toContain('Opens /shop/');
});

test('a page that follows a submission is opened, where the stage has it', () => {
  const toPage = (address: string) => {
    const document = letter();
    document.afterwards = { ...document.afterwards, visitor: { type: 'page', address } };
    const { rehearsal, stage, turned } = rehearse(moon, { document });
    rehearsal.happens('leave', {});
    stage.port?.submit(formWith('mira@x.example'), 'form');
    return [rehearsal.open, turned, rehearsal.log.some(({ text }) => text.includes('not on the stage'))];
  };
  expect(toPage('/shop/')).toEqual([false, [shop], false]);
  expect(toPage('https://elsewhere.example/thanks')).toEqual([false, [], true]);
});

test('ticked boxes count as visitors’ do', () => {
  const document = letter();
  document.elements = {
    ...document.elements,
    form: { type: 'form', children: ['email', 'agree', 'send'] },
    agree: {
      type: 'field',
      kind: 'consent',
      key: 'agree',
      label: 'Privacy',
      options: ['I agree'],
      required: true,
    },
  };
  const { rehearsal, stage } = rehearse(moon, { document });
  rehearsal.happens('leave', {});
  const form = formWith('mira@x.example');
  form.insertAdjacentHTML(
    'beforeend',
    '<div data-e="agree"><input type="checkbox" name="agree" value="I agree"></div>',
  );
  stage.port?.submit(form, 'form');
  expect(rehearsal.log.at(-1)?.text).toBe('Submits with an error');
  (form.querySelector('[name=agree]') as HTMLInputElement).checked = true;
  stage.port?.submit(form, 'form');
  expect(stage.shown.at(-1)).toBe('thanks');
});

test('after closing its teaser remains on the stage, over pages too, and opens it again', () => {
  const document = letter();
  document.elements['folded'] = { type: 'group', direction: 'row', children: [] };
  document.scenes = { ...document.scenes, teaser: { root: 'folded' } };
  document.behaviour = {
    ...document.behaviour,
    targeting: { all: [] },
    frequency: { per: 'visit' },
  };
  document.placement = {
    ...createPlacement('centre'),
    closing: { button: true, escape: true, backdrop: true, teaser: 'left' },
  } as WidgetDocument['placement'];
  const { rehearsal, stage } = rehearse(moon, { document });
  rehearsal.happens('leave', {});
  stage.port?.close();
  expect(texts(rehearsal).slice(-2)).toEqual(['0 The widget closes', '0 Its teaser remains']);
  expect([stage.shown.at(-1), rehearsal.open]).toEqual(['teaser', false]);
  rehearsal.arrive(shop);
  expect(texts(rehearsal).slice(-2)).toEqual(['0 Opens /shop/', '0 Its teaser remains']);
  stage.port?.reopen?.();
  expect([stage.shown.slice(-2), rehearsal.open]).toEqual([['opening', 'comes in'], true]);
});

test('another widget of the site takes the place first, and gives it free when it is closed', async () => {
  const { behaviour } = letter();
  const other = {
    ...behaviour,
    id: 'bar',
    slug: 'winter-bar',
    mode: 'overlay',
    covers: [0, 0],
    body: '/b/1.json',
    parts: [],
    priority: 5,
  } as unknown as ManifestWidget;
  const { rehearsal, stage } = rehearse(moon, { others: [other] });
  rehearsal.happens('leave', {});
  await Promise.resolve();
  expect([rehearsal.open, [...stage.companions.there.keys()]]).toEqual([false, ['bar']]);
  expect(rehearsal.standings.map(({ id, state }) => [id, state])).toEqual([
    ['rehearsed', 'waiting'],
    ['bar', 'shown'],
  ]);
  expect(texts(rehearsal)).toContain('0 “Letter” waits: its position is taken by “Winter bar”');
  stage.companions.there.get('bar')?.close();
  rehearsal.happens('leave', {});
  expect([rehearsal.open, stage.companions.there.size]).toEqual([true, 0]);
});

test('what appears later, and what closes automatically, go by the rehearsal’s clock', () => {
  const document = letter();
  document.placement = {
    ...document.placement,
    closing: { button: true, escape: true, backdrop: true, after: 20 },
  } as never;
  const { rehearsal, stage } = rehearse(moon, { document });
  rehearsal.happens('leave', {});
  rehearsal.pass(5000);
  expect(stage.sought.at(-1)).toBe(5000);
  rehearsal.pass(14_999);
  expect(rehearsal.open).toBe(true);
  rehearsal.pass(1);
  expect(rehearsal.open).toBe(false);
});
