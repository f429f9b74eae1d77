import { valueAt } from '../../base/maps/index.js';
import type { Static } from '@sinclair/typebox';
import type { TriggerKind } from '../trigger.js';
import { askedSpec } from './asked.js';
import { basket, basketSpec } from './basket.js';
import { delay, delaySpec } from './delay.js';
import { event, eventSpec } from './event.js';
import { idle, idleSpec } from './idle.js';
import { interaction, interactionSpec } from './interaction.js';
import { leave, leaveSpec } from './leave.js';
import { byHandKind } from './by-hand.js';
import { linkSpec } from './link.js';
import { load, loadSpec } from './load.js';
import { pages, pagesSpec } from './pages.js';
import { scroll, scrollSpec } from './scroll.js';
import { view, viewSpec } from './view.js';

// Two lists, so that a page loads how a kind behaves without what the studio says about it. The compiler asks for each kind
// in both.

/** What the document and the studio know of each kind of trigger. */
export const triggerSpecs = [
  loadSpec,
  delaySpec,
  scrollSpec,
  viewSpec,
  interactionSpec,
  idleSpec,
  pagesSpec,
  leaveSpec,
  basketSpec,
  eventSpec,
  linkSpec,
  askedSpec,
] as const;

export type Trigger = Static<ReturnType<(typeof triggerSpecs)[number]['schema']>>;

const kinds: { readonly [T in Trigger['type']]: TriggerKind<Extract<Trigger, { type: T }>> } = {
  load,
  delay,
  scroll,
  view,
  interaction,
  idle,
  pages,
  basket,
  event,
  leave,
  link: byHandKind,
  asked: byHandKind,
};

/** How a trigger fires; one of a newer version, whose kind is not known here, never does. */
export const kindOf = (trigger: Trigger): TriggerKind<Trigger> =>
  (valueAt(kinds, trigger.type) as TriggerKind<Trigger> | undefined) ?? byHandKind;
