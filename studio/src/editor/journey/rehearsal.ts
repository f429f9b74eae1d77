import { valueAt } from '@sirene/core/base/maps';
import {
  askingRules,
  compileRules,
  explain,
  opensByHand,
  signalDeeds,
  startSession,
  type Deed,
  type Detail,
  titleOfName,
  type Memory,
  type PageFacts,
  type Policy,
  type Session,
  type SignalEvent,
  type SignalType,
} from '@sirene/core/behaviour';
import { blockerWords, reasonLines, type ReasonLine } from '@sirene/core/review/reasons';
import { closingOf } from '@sirene/core/document/placement';
import { compileWidget, rulesOf, type CompiledWidget } from '@sirene/core/compile';
import { VirtualClock } from '@sirene/core/rehearse';
import type { Brand } from '@sirene/core/style';
import type { WidgetDocument } from '@sirene/core/document/widget';
import { goOn } from '@sirene/embed/parts/checks';
import * as formPart from '@sirene/embed/parts/form';
import { factsOf } from '@sirene/embed/facts';
import { typesOf } from '@sirene/embed/parts/page-types';
import { perform } from '@sirene/embed/signals/perform';
import { follow } from '@sirene/embed/follow';
import { remainingBody } from '@sirene/embed/remaining-body';
import type { ManifestWidget } from '@sirene/embed/manifest';
import type { StoredPage } from '../../shared/api/index.ts';
import { inBackground } from '../../shared/background.ts';
import type { StageController } from '../stage/stage-controller.ts';

/** Something that happened in a rehearsal, `at` ms after it began. */
export interface Happening {
  at: number;
  text: string;
}

export interface Script {
  document: WidgetDocument;
  brand: Brand;
  slug: string;
  /** The page that the visitor comes to, and those of the site that can be shown. */
  address: string;
  pages: readonly KnownPage[];
  width: number;
  visitor: Visitor;
  /** The site's other published widgets: they want their place too; and how much all may interrupt. */
  others: readonly ManifestWidget[];
  policy: Policy;
}

/** A page of the site, and what it says that it is. */
export type KnownPage = Pick<StoredPage, 'address' | 'types'>;

/** Who the visitor is, as far as rules ask: what a page can't tell of them. */
export interface Visitor {
  /** The host of the site that leads to the first page; empty for none. */
  from: string;
  /** The campaign that leads to it; empty for none. */
  campaign: string;
  language: string;
  touch: boolean;
}

/** How a widget stands with the visitor now. */
export interface Standing {
  id: string;
  slug: string;
  state: 'shown' | 'waiting' | 'away';
}

/** What a rehearsal needs of the editor around it. */
export interface RehearsalPort {
  /** Puts a page of the site on the stage. */
  turnTo(address: string): void;
  /** Fetches another widget's compiled body. */
  load(body: string): Promise<CompiledWidget>;
}

/** What a visitor can do on a page: each signal says how it is done here. */
export const deeds = Object.entries(signalDeeds) as [SignalType, Deed<Detail<SignalType>>][];

const widgetId = 'rehearsed';

/**
 * A visitor's session on the stage: the machine that runs on clients' pages, with all of the site's widgets and a clock
 * that can be moved. Nothing is stored or sent.
 */
export class Rehearsal {
  readonly #clock: VirtualClock;
  readonly #start: number;
  readonly #rules;
  readonly #session: Session;
  #memory: Memory | undefined;
  #log: Happening[] = [];
  #address: string;
  #open = false;
  #shownAt = 0;
  #cancelClosing = () => {};
  #ended = false;
  #waiting = new Map<string, string>();
  readonly #othersOpen = new Set<string>();
  readonly #names = { slugOf: (id: string) => this.slugOf(id) };
  #listeners = new Set<() => void>();

  constructor(
    private readonly stage: StageController,
    private readonly script: Script,
    now: number,
    private readonly port: RehearsalPort,
  ) {
    this.#start = now;
    this.#clock = new VirtualClock(now);
    const { document, slug, others } = script;
    this.#address = script.address;
    this.#rules = compileRules([rulesOf({ id: widgetId, slug, document }, now), ...others], script.policy);
    this.#session = startSession(this.#rules, undefined, {
      clock: this.#clock,
      show: (id) => (id === widgetId ? this.#show() : this.#showOther(id)),
      remain: (id) => (id === widgetId ? this.#remain() : this.#remainOfOther(id)),
      hide: (id) => (id === widgetId ? this.#hide() : this.#hideOther(id)),
      remember: (memory) => (this.#memory = memory),
    });
    this.stage.goBy(this.#clock);
    this.stage.perform({
      takesFocus: false,
      close: () => this.#session.send({ type: 'close', widget: widgetId }),
      reopen: () => this.#session.send({ type: 'ask', widget: widgetId }),
      submit: (form, id) => this.#submit(form, id),
    });
    this.stage.face('opening', false);
    this.arrive();
  }

  /** The page the visitor is on. */
  get address(): string {
    return this.#address;
  }

  /** The address name of one of the site's widgets, by its id. */
  slugOf(id: string): string {
    return this.script.others.find((other) => other.id === id)?.slug ?? this.script.slug;
  }

  /** ms since the rehearsal began. */
  get elapsed(): number {
    return this.#clock.now() - this.#start;
  }

  /** What a visitor can do on the page by a press: what anybody can, and what some widget's rule waits for. */
  get presses(): readonly { signal: SignalType; label: string; detail: Detail<SignalType> }[] {
    const asked = this.#rules.widgets.flatMap(askingRules);
    return deeds.flatMap(([signal, deed]) => {
      if (deed.by === 'press') return [{ signal, label: deed.label, detail: deed.detail }];
      if (deed.by === 'share') return [];
      return deed.details(asked).map((detail) => ({ signal, label: deed.label(detail), detail }));
    });
  }

  /** Whether a link or a script of the page can open the widget. */
  get opensByHand(): boolean {
    return opensByHand(this.script.document.behaviour);
  }

  #openNamed(name: string): void {
    const { slug, others } = this.script;
    const id = name === slug ? widgetId : others.find((other) => other.slug === name)?.id;
    if (id === undefined) this.#note(`Opens the widget “${name}”, which is not published`);
    else this.#session.send({ type: 'ask', widget: id });
  }

  /** A link or a script of the page opens the widget. */
  ask(): void {
    this.#session.send({ type: 'ask', widget: widgetId });
    this.#tell();
  }

  /** What has happened so far. */
  get log(): readonly Happening[] {
    return this.#log;
  }

  /** What the visitor’s browser remembers by now. */
  get memory(): Memory | undefined {
    return this.#memory;
  }

  /** Whether the widget is on the page. */
  get open(): boolean {
    return this.#open;
  }

  /** All of the site's widgets, and how each stands now: there, kept waiting for a place, or not meant to be there. */
  get standings(): readonly Standing[] {
    const { open, waiting } = this.#session.state();
    return this.#rules.widgets
      .map(({ id, slug }): Standing => {
        const state = open.includes(id) ? 'shown' : Object.hasOwn(waiting, id) ? 'waiting' : 'away';
        return { id, slug, state };
      })
      .sort((a, b) => Number(b.id === widgetId) - Number(a.id === widgetId));
  }

  /** Rule by rule, why a widget is on the page or not; the one that is rehearsed, where none is named. */
  explain(id = widgetId): ReasonLine[] | null {
    const explanation = explain(this.#rules, this.#session.state(), id);
    return explanation && reasonLines(explanation, this.#names);
  }

  /** Calls back after everything that happens; returns what ends that. */
  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** The visitor comes to a page: the one they are on, loaded anew, or another. */
  arrive(address = this.#address): void {
    const isFirst = this.#log.length === 0;
    if (address !== this.#address) this.port.turnTo(address);
    this.#address = address;
    this.#note(`${isFirst ? 'Arrives on' : 'Opens'} ${pathAndQuery(address)}`);
    this.#send({ type: 'arrive', ...this.#facts(isFirst) });
    this.#tell();
  }

  /** The page that a visitor opens next: the one behind this in the list of those that can be shown. */
  nextPage(): void {
    const pages = this.script.pages.map(({ address }) => address);
    this.arrive(pages[(pages.indexOf(this.#address) + 1) % pages.length] ?? this.#address);
  }

  /** Lets time pass, ms. */
  pass(time: number): void {
    this.#clock.moveTo(this.#clock.now() + time);
    this.#noteWaiting();
    if (this.#open) this.stage.seek(this.#clock.now() - this.#shownAt);
    this.#tell();
  }

  /** The visitor does something on the page that triggers go by. */
  happens<S extends SignalType>(type: S, detail: Detail<S>): void {
    const deed = signalDeeds[type];
    // What is set by a slider passes many values, which would be a long list.
    if (deed.by === 'press') this.#note(deed.label);
    else if (deed.by === 'rule') this.#note(deed.label(detail));
    if (this.stage.page) perform(this.stage.page, type, detail);
    this.#send({ type, ...detail } as SignalEvent);
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
    this.#ended = true;
    this.#cancelClosing();
    this.stage.companions.clear();
    this.stage.goBy(null);
    this.stage.perform(null);
  }

  #show(): void {
    this.#open = true;
    this.#shownAt = this.#clock.now();
    this.#note('The widget appears');
    this.stage.face('opening', true);
    this.stage.comeAgain();
    this.stage.seek(0);
    const after = closingOf(this.script.document.placement)?.after;
    if (after !== undefined)
      this.#cancelClosing = this.#clock.at(this.#shownAt + after * 1000, () =>
        this.#session.send({ type: 'close', widget: widgetId }),
      );
  }

  #remain(): void {
    this.#note('Its teaser remains');
    this.stage.face('teaser', true);
  }

  #hide(): void {
    if (this.#open) this.#note('The widget closes');
    this.#open = false;
    this.#cancelClosing();
    this.stage.face('opening', false);
  }

  #showOther(id: string): void {
    const other = this.script.others.find((one) => one.id === id);
    if (!other) return;
    this.#note(`${titleOfName(other.slug)} appears`);
    const isThere = () => !this.#ended && this.#session.state().open.includes(id);
    const close = () => this.#session.send({ type: 'close', widget: id });
    this.port.load(other.body).then(
      (body) => isThere() && this.stage.companions.show(id, other.slug, body, { close }),
      () => isThere() && this.#session.send({ type: 'fail', widget: id }),
    );
    this.#othersOpen.add(id);
  }

  #remainOfOther(id: string): void {
    const other = this.script.others.find((one) => one.id === id);
    if (!other) return;
    this.#note(`The teaser of ${titleOfName(other.slug)} remains`);
    const reopen = () => this.#session.send({ type: 'ask', widget: id });
    inBackground(
      this.port.load(other.body).then((body) => {
        if (this.#ended || !this.#session.state().remaining.includes(id)) return;
        this.stage.companions.show(id, other.slug, remainingBody(body), { close: () => {}, reopen });
      }),
    );
  }

  #hideOther(id: string): void {
    this.stage.companions.hide(id);
    // Where only its teaser was there, nothing closes.
    if (this.#othersOpen.delete(id)) this.#note(`${titleOfName(this.slugOf(id))} closes`);
  }

  #submit(form: HTMLFormElement, id: string): void {
    const body = compileWidget(this.script.document, this.script.brand);
    const rule = valueAt(body.forms, id);
    if (!rule) return;
    formPart.begin(form, rule);
    const isWrong = () => form.querySelector('[data-error]') !== null;
    const values = goOn(form, rule, formPart);
    const isWhole = values !== null;
    this.#note(
      isWhole
        ? 'Submits the form (rehearsal: nothing is stored)'
        : isWrong()
          ? 'Submits with an error'
          : 'Goes on to the next step',
    );
    if (values) {
      this.#session.send({ type: 'submit', widget: widgetId });
      follow(body.after, values, {
        open: (address) => this.#follow(address),
        openWidget: (name) => this.#openNamed(name),
        close: () => this.#session.send({ type: 'close', widget: widgetId }),
        thank: () => {
          this.stage.face('thanks', true);
          this.stage.fillAnswers(values);
        },
      });
    }
    this.#tell();
  }

  // A page that is not kept for the stage is opened all the same; what is on the stage then stays where it is.
  #follow(address: string): void {
    const whole = new URL(address, this.#address).href;
    const known = this.script.pages.find((one) => samePage(one.address, whole));
    if (known) return this.arrive(known.address);
    this.#note(`Opens ${address}, which is not on the stage`);
    this.#session.send({ type: 'close', widget: widgetId });
  }

  #send(event: Parameters<Session['send']>[0]): void {
    this.#session.send(event);
    this.#noteWaiting();
  }

  // Who has to wait, or is turned away, is told once for each reason.
  #noteWaiting(): void {
    const state = this.#session.state();
    const kept = new Map<string, string>();
    for (const id of Object.keys(state.waiting)) {
      const place = explain(this.#rules, state, id)?.reasons.find(({ rule }) => rule === 'place');
      if (place?.rule !== 'place' || !place.blocker) continue;
      const how = this.script.policy.waiting === 'never' ? 'is held back' : 'waits';
      // A gap that grows shorter is one reason.
      kept.set(id, place.blocker.by);
      if (this.#waiting.get(id) !== place.blocker.by)
        this.#note(
          `${titleOfName(this.slugOf(id))} ${how}: ${lowerCase(blockerWords(place.blocker, { now: this.#clock.now() }, this.#names))}`,
        );
    }
    this.#waiting = kept;
  }

  /** What the page that the visitor is on tells of itself and of them. */
  #facts(isFirst: boolean): PageFacts {
    const { slug, width, visitor, pages } = this.script;
    const { from, campaign, language, touch } = visitor;
    const address = this.#address;
    const seen = this.stage.page && factsOf(this.stage.page, address, typesOf(this.stage.page));
    return {
      address,
      // The widget that is rehearsed has its place on every page of the stage.
      markers: [slug, ...(seen?.markers ?? [])],
      width,
      touch,
      language,
      types: pages.find((one) => one.address === address)?.types ?? [],
      from: isFirst ? from : '',
      campaign: isFirst && campaign ? { utm_campaign: campaign } : {},
      ahead: -new Date(this.#clock.now()).getTimezoneOffset(),
    };
  }

  #note(text: string): void {
    this.#log = [...this.#log, { at: this.elapsed, text }];
    this.#tell();
  }

  #tell(): void {
    for (const listener of this.#listeners) listener();
  }
}

const pathAndQuery = (address: string): string => {
  const { pathname, search } = new URL(address);
  return pathname + search;
};

const lowerCase = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

function samePage(one: string, other: string): boolean {
  const [a, b] = [new URL(one), new URL(other)];
  return a.origin === b.origin && a.pathname === b.pathname && a.search === b.search;
}
