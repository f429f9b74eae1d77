import type { Deed, Signal } from '../signal.js';

/** The visitor makes to leave; who turns back has not left, so that it holds for the moment only. */
export const leave: Signal<object, { leaving: boolean }> = {
  start: { leaving: false },
  happened: () => ({ leaving: true }),
  passing: true,
};

export const leaveDeed: Deed<object> = { by: 'press', label: 'Exit intent', detail: {} };
