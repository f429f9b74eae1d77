import { startState, step, type MachineEvent, type MachineState } from './machine.js';
import type { Memory } from './memory.js';
import type { SiteRules } from './rules.js';

/** Where time comes from: the browser's for visitors, a clock that can be moved in the studio. */
export interface Clock {
  /** ms since the epoch. */
  now(): number;
  /** Calls back at a moment; returns what cancels the call. */
  at(time: number, call: () => void): () => void;
}

/** What carries out the machine's effects. */
export interface SessionPort {
  clock: Clock;
  show(widget: string, asked: boolean): void;
  /** Of a widget that was closed, its teaser remains. */
  remain?(widget: string): void;
  hide(widget: string): void;
  remember(memory: Memory): void;
}

type Untimed<E> = E extends MachineEvent ? Omit<E, 'at'> : never;

export interface Session {
  send(event: Untimed<MachineEvent>): void;
  state(): MachineState;
}

/** Runs the machine for one visitor: feeds it events at the clock's time, carries out its effects, wakes it when due. */
export function startSession(rules: SiteRules, memory: Memory | undefined, port: SessionPort): Session {
  let state = startState(memory);
  let cancelWake = () => {};

  function send(event: Untimed<MachineEvent>): void {
    const [next, effects] = step(rules, state, { ...event, at: port.clock.now() } as MachineEvent);
    state = next;
    for (const effect of effects) {
      if (effect.type === 'show') port.show(effect.widget, effect.asked);
      else if (effect.type === 'remain') port.remain?.(effect.widget);
      else if (effect.type === 'hide') port.hide(effect.widget);
      else if (effect.type === 'remember') port.remember(effect.memory);
      else {
        cancelWake();
        cancelWake = port.clock.at(effect.at, () => send({ type: 'tick' }));
      }
    }
  }

  return { send, state: () => state };
}
