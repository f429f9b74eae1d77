import type { Clock } from '../behaviour/index.js';

interface Appointment {
  time: number;
  call: () => void;
}

/**
 * A clock that stands still until it is moved. Moving it forward runs everything that falls due on the way, in
 * order, each at its own moment.
 *
 * @example
 * const clock = new VirtualClock(0);
 * clock.at(8000, () => show());
 * clock.moveTo(10_000);
 */
export class VirtualClock implements Clock {
  #now: number;
  #appointments: Appointment[] = [];

  /** @param now ms since the epoch */
  constructor(now: number) {
    this.#now = now;
  }

  /** The time on it, ms since the epoch. */
  now(): number {
    return this.#now;
  }

  /** Calls back once it is moved to a time or past it; returns what cancels that. */
  at(time: number, call: () => void): () => void {
    const appointment = { time, call };
    this.#appointments.push(appointment);
    return () => {
      this.#appointments = this.#appointments.filter((other) => other !== appointment);
    };
  }

  /** Moves the clock; a time in the past is ignored, since what happened has happened. */
  moveTo(time: number): void {
    for (let next = this.#nextUntil(time); next; next = this.#nextUntil(time)) {
      const due = next;
      this.#appointments = this.#appointments.filter((other) => other !== due);
      this.#now = Math.max(this.#now, due.time);
      due.call();
    }
    this.#now = Math.max(this.#now, time);
  }

  #nextUntil(time: number): Appointment | undefined {
    let next: Appointment | undefined;
    for (const appointment of this.#appointments) {
      if (appointment.time <= time && (!next || appointment.time < next.time)) next = appointment;
    }
    return next;
  }
}
