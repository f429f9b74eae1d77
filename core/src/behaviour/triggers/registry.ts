import type { Static } from '@sinclair/typebox';
import type { TriggerKind } from '../trigger.js';
import { asked, askedSpec } from './asked.js';
import { delay, delaySpec } from './delay.js';
import { leave, leaveSpec } from './leave.js';
import { load, loadSpec } from './load.js';
import { scroll, scrollSpec } from './scroll.js';

// Two lists, so that the page loads how a kind behaves without what the studio says about it.

/** How each kind of trigger fires. A trigger never reaches a kind other than its own. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export const triggerKinds: Readonly<Record<string, TriggerKind<any>>> = { load, delay, scroll, leave, asked };

/** How the studio offers each kind of trigger. */
export const triggerSpecs = [loadSpec, delaySpec, scrollSpec, leaveSpec, askedSpec] as const;

export type Trigger = Static<ReturnType<(typeof triggerSpecs)[number]['schema']>>;
