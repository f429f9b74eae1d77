/** @jest-environment jsdom */
import { createElement } from '@sirene/core/elements';
import { completeBrand } from '@sirene/core/style';
import { createWidget, type WidgetDocument } from '@sirene/core/widget';
import type { StageController, StagePort } from '../stage/stage-controller.js';
import { Rehearsal } from './rehearsal.js';

/** A stage that only notes what it is asked to show. */
class NotedStage {
  shown: string[] = [];
  port: StagePort | null = null;
  page = null;
  perform = (port: StagePort | null) => (this.port = port);
  face = (scene: string, visible: boolean) => this.shown.push(visible ? scene : 'nothing');
  comeAgain = () => this.shown.push('comes in');
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

function rehearse(address = 'https://x.example/journal/moon') {
  const stage = new NotedStage();
  const script = { document: letter(), brand: completeBrand(null), slug: 'letter', address, width: 1280 };
  const rehearsal = new Rehearsal(stage as unknown as StageController, script, 1_000_000);
  return { stage, rehearsal };
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
  expect(texts(rehearsal)).toEqual(['0 Arrives', '8 The widget appears']);
});

test.each<[string, (rehearsal: Rehearsal) => void]>([
  ['scrolling', (rehearsal) => rehearsal.scroll(0.6)],
  ['making to leave', (rehearsal) => rehearsal.leave()],
])('%s brings it at once', (_, act) => {
  const { rehearsal, stage } = rehearse();
  act(rehearsal);
  expect(rehearsal.open).toBe(true);
  expect(stage.shown.slice(-2)).toEqual(['opening', 'comes in']);
});

test('closed, it stays away for its pause and says so; then it comes again', () => {
  const { rehearsal, stage } = rehearse();
  rehearsal.leave();
  stage.port?.close();
  expect([rehearsal.open, stage.shown.at(-1)]).toEqual([false, 'nothing']);
  rehearsal.comeBack(1);
  rehearsal.leave();
  expect(rehearsal.open).toBe(false);
  expect(rehearsal.explain()?.reasons).toContainEqual({ rule: 'pause', holds: false, pause: 'closed' });
  rehearsal.comeBack(2);
  rehearsal.leave();
  expect(rehearsal.open).toBe(true);
});

test('a mistake in the form is told; sent right, the thanks are shown and it never comes again', () => {
  const { rehearsal, stage } = rehearse();
  rehearsal.leave();
  stage.port?.submit(formWith('mira'), 'form');
  expect(document.getElementById('email-error')?.textContent).toMatch(/check the address/);
  expect(rehearsal.log.at(-1)?.text).toBe('Submits with an error');
  stage.port?.submit(formWith('mira@x.example'), 'form');
  expect(stage.shown.at(-1)).toBe('thanks');
  stage.port?.close();
  rehearsal.comeBack(400);
  rehearsal.leave();
  expect(rehearsal.open).toBe(false);
  expect(rehearsal.memory?.visits).toBe(2);
});

test('on a page that is not meant, it does not come, and the reason is named', () => {
  const { rehearsal } = rehearse('https://x.example/shop/');
  rehearsal.leave();
  expect(rehearsal.open).toBe(false);
  expect(rehearsal.explain()?.reasons[0]).toMatchObject({ rule: 'targeting', holds: false });
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
