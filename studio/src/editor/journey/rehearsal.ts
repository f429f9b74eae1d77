import { valueAt } from '@sirene/core/maps';
import {
  compileRules,
  explain,
  startSession,
  type Explanation,
  type Memory,
  type Session,
} from '@sirene/core/behaviour';
import { checkForm } from '@sirene/core/form';
import { modeOf } from '@sirene/core/placement';
import { compileWidget } from '@sirene/core/render';
import { VirtualClock } from '@sirene/core/rehearsal';
import type { Brand } from '@sirene/core/style';
import type { WidgetDocument } from '@sirene/core/widget';
import { showFaults } from '@sirene/embed/form';
import type { StageController } from '../stage/stage-controller.ts';

/** Something that happened in a rehearsal, `at` ms after it began. */
export interface Happening {
  at: number;
  text: string;
}

interface Script {
  document: WidgetDocument;
  brand: Brand;
  slug: string;
  address: string;
  width: number;
}

const widgetId = 'rehearsed';

/**
 * A visitor's session on the stage: the machine that runs on clients' pages, with a clock that can be moved. Nothing
 * is stored or sent.
 */
export class Rehearsal {
  readonly #clock: VirtualClock;
  readonly #start: number;
  readonly #rules;
  readonly #session: Session;
  #memory: Memory | undefined;
  #log: Happening[] = [];
  #open = false;
  #listeners = new Set<() => void>();

  constructor(
    private readonly stage: StageController,
    private readonly script: Script,
    now: number,
  ) {
    this.#start = now;
    this.#clock = new VirtualClock(now);
    const { document, slug } = script;
    const mode = modeOf(document.placement);
    this.#rules = compileRules([{ id: widgetId, slug, mode, ...document.behaviour }]);
    this.#session = startSession(this.#rules, undefined, {
      clock: this.#clock,
      show: () => this.#show(),
      hide: () => this.#hide(),
      remember: (memory) => (this.#memory = memory),
    });
    this.stage.perform({
      takesFocus: false,
      close: () => this.#session.send({ type: 'close', widget: widgetId }),
      submit: (form, id) => this.#submit(form, id),
    });
    this.stage.face('opening', false);
    this.arrive();
  }

  /** ms since the rehearsal began. */
  get elapsed(): number {
    return this.#clock.now() - this.#start;
  }

  get log(): readonly Happening[] {
    return this.#log;
  }

  get memory(): Memory | undefined {
    return this.#memory;
  }

  get open(): boolean {
    return this.#open;
  }

  explain(): Explanation | null {
    return explain(this.#rules, this.#session.state(), widgetId);
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** The visitor comes to the page, or to the next one. */
  arrive(): void {
    const { address, slug, width } = this.script;
    this.#note(this.#log.length === 0 ? 'Arrives' : 'Opens another page');
    this.#session.send({ type: 'arrive', address, width, markers: [slug] });
    this.#tell();
  }

  /** Lets time pass, ms. */
  pass(time: number): void {
    this.#clock.moveTo(this.#clock.now() + time);
    this.#tell();
  }

  /** The visitor has scrolled to a share of the page, 0 to 1. */
  scroll(share: number): void {
    const page = this.stage.page;
    const room = (page?.documentElement.scrollHeight ?? 0) - (page?.defaultView?.innerHeight ?? 0);
    page?.defaultView?.scrollTo(0, room * share);
    this.#session.send({ type: 'scroll', share });
    this.#tell();
  }

  leave(): void {
    this.#note('Exit intent');
    this.#session.send({ type: 'leave' });
    this.#tell();
  }

  /** Comes back some days later. */
  comeBack(days: number): void {
    this.#clock.moveTo(this.#clock.now() + days * 86_400_000);
    this.#note(`Comes back ${days === 1 ? 'a day' : `${days} days`} later`);
    this.arrive();
  }

  /** Gives the stage back to editing. */
  end(): void {
    this.stage.perform(null);
  }

  #show(): void {
    this.#open = true;
    this.#note('The widget appears');
    this.stage.face('opening', true);
    this.stage.comeAgain();
  }

  #hide(): void {
    this.#open = false;
    this.#note('The widget closes');
    this.stage.face('opening', false);
  }

  #submit(form: HTMLFormElement, id: string): void {
    const body = compileWidget(this.script.document, this.script.brand);
    const rule = valueAt(body.forms, id);
    if (!rule) return;
    const controls = [...form.querySelectorAll<HTMLInputElement>('[name]')];
    const { faults } = checkForm(rule, Object.fromEntries(controls.map(({ name, value }) => [name, value])));
    showFaults(form, rule, faults);
    this.#note(
      faults.length > 0 ? 'Submits with an error' : 'Submits the form (rehearsal: nothing is stored)',
    );
    if (faults.length === 0) {
      this.#session.send({ type: 'submit', widget: widgetId });
      if (body.after.type === 'scene') this.stage.face('thanks', true);
      else this.#session.send({ type: 'close', widget: widgetId });
    }
    this.#tell();
  }

  #note(text: string): void {
    this.#log = [...this.#log, { at: this.elapsed, text }];
    this.#tell();
  }

  #tell(): void {
    for (const listener of this.#listeners) listener();
  }
}
