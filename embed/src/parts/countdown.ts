import { nextRepeat, timeLeft, type CountUnit, type Repeat, type ZoneTable } from '@sirene/core/base/time';
import { valueAt } from '@sirene/core/base/maps';
import type { Mounted } from '../mount.ts';
import type { Attached, PartPage, PartWidget, TickingClock } from './part.ts';

/** Of each unit, as many as make a full ring, where they are not 60. */
const full: Readonly<Partial<Record<CountUnit, number>>> = { days: 30, hours: 24 };
/** What a countdown goes by: the visitor's clock as the server would set it, and when those of their own began. */
export interface Going {
  clock: TickingClock;
  /** The name that a countdown of the visitor's own is kept by. */
  nameOf(count: HTMLElement): string;
  starts: Pick<PartPage['starts'], 'read' | 'write'>;
  visitAt(): number;
}

/** When a countdown ends, ms since the epoch; `null` for one that has not begun, or never ends. */
function endOf(count: HTMLElement, now: number, { nameOf, starts, visitAt }: Going): number | null {
  const { until, own, from = '', repeat } = count.dataset;
  if (until !== undefined) return Number(until);
  if (repeat !== undefined) {
    const given = JSON.parse(repeat) as { repeat: Repeat; first: number; table: ZoneTable };
    return nextRepeat(given.repeat, given.first, given.table, now);
  }
  const known = valueAt(starts.read(), nameOf(count));
  if (known !== undefined) return known + Number(own);
  if (from.startsWith('event')) return null;
  const start = from === 'arrived' ? visitAt() : now;
  begin(count, start, nameOf, starts);
  return start + Number(own);
}

function begin(count: HTMLElement, at: number, nameOf: Going['nameOf'], starts: Going['starts']): void {
  starts.write({ ...starts.read(), [nameOf(count)]: at });
}

const countsIn = ({ box }: Pick<Mounted, 'box'>) => box.querySelectorAll<HTMLElement>('[data-units]');

/**
 * Writes what is left into every countdown of a widget.
 *
 * @returns those that are over
 */
export function writeCounts(mounted: Pick<Mounted, 'box'>, now: number, going: Going): HTMLElement[] {
  const over: HTMLElement[] = [];
  for (const count of countsIn(mounted)) {
    const end = endOf(count, now, going);
    const left = end === null ? Number(count.dataset['own'] ?? 0) : end - now;
    if (left <= 0) over.push(count);
    writeCount(count, left);
    writeStep(count, left);
    if (end !== null) writeDate(count, end);
  }
  return over;
}

function writeCount(count: HTMLElement, left: number): void {
  const units = (count.dataset['units'] ?? '').split(' ') as CountUnit[];
  const shown = timeLeft(left, units);
  const language = languageOf(count);
  for (const place of count.querySelectorAll<HTMLElement>('[data-unit]')) {
    const unit = place.dataset['unit'] as CountUnit;
    const value = shown[unit] ?? 0;
    const text = digits(language).format(value);
    place.parentElement?.style.setProperty('--share', String(Math.min(1, value / (full[unit] ?? 60))));
    if (place.textContent === text) continue;
    // A new element, so that its coming in is seen anew.
    if (count.classList.contains('rolling')) {
      const rolled = place.ownerDocument.createElement('i');
      rolled.textContent = text;
      place.replaceChildren(rolled);
    } else place.textContent = text;
    const label = count.querySelector<HTMLElement>(`[data-label="${unit}"]`);
    if (label) label.textContent = labelOf(label, unit, value, language);
  }
}

const languageOf = (element: Element): string =>
  element.closest('[lang]')?.getAttribute('lang') || element.ownerDocument.documentElement.lang || 'en';

// Making one costs more than all else of a second's work.
const formats = new Map<string, Intl.NumberFormat>();
function digits(language: string): Intl.NumberFormat {
  const known =
    formats.get(language) ?? new Intl.NumberFormat(language, { minimumIntegerDigits: 2, useGrouping: false });
  formats.set(language, known);
  return known;
}

/** What a unit is called beside a number: the designer's “one|many” by the language's plural rules, else as the language has it. */
function labelOf({ dataset }: HTMLElement, unit: CountUnit, value: number, language: string): string {
  const [one, many = one] = (dataset['says'] ?? '').split('|');
  if (one) return (new Intl.PluralRules(language).select(value) === 'one' ? one : many) ?? one;
  return new Intl.NumberFormat(language, { style: 'unit', unit: unit.slice(0, -1), unitDisplay: 'long' })
    .formatToParts(value)
    .map(({ type, value: text }) => (type === 'unit' ? text : ''))
    .join('');
}

/** Marks a countdown with the step that it has reached: of those that it is under, the one with the least time left. */
function writeStep(count: HTMLElement, left: number): void {
  const { steps } = count.dataset;
  if (steps === undefined) return;
  const reached = (JSON.parse(steps) as [under: number, name: string][])
    .filter(([under]) => left < under)
    .sort(([a], [b]) => a - b)[0]?.[1];
  if (reached === count.dataset['step']) return;
  if (reached === undefined) delete count.dataset['step'];
  else count.dataset['step'] = reached;
}

function writeDate(count: HTMLElement, end: number): void {
  const place = count.querySelector<HTMLElement>('[data-date]');
  if (!place) return;
  const { date, zone = 'UTC' } = place.dataset;
  place.textContent = new Intl.DateTimeFormat(languageOf(count), {
    timeZone: zone,
    day: 'numeric',
    month: 'short',
    ...(date === 'long' && { weekday: date, month: date, year: 'numeric' }),
    hour: '2-digit',
    minute: '2-digit',
    timeZoneName: 'short',
  }).format(end);
}

/**
 * Keeps the countdowns of a widget going; at the end of all its expired scene is shown, where it has one and nothing else is said.
 *
 * @param ended does what else a countdown asks for at its end
 * @returns what stops them
 */
export function count(
  mounted: Mounted,
  clock: TickingClock,
  going: Going,
  ended?: (count: HTMLElement) => boolean,
): () => void {
  let stop = () => {};
  let told = '';
  const tick = () => {
    const now = clock.now();
    const over = writeCounts(mounted, now, going);
    const deeds = over.map((one) => ended?.(one) ?? false);
    const all = countsIn(mounted).length;
    if (all > 0 && over.length === all && !deeds.includes(true)) {
      if (mounted.sceneName === 'opening' && mounted.body.scenes.expired) mounted.show('expired');
      return;
    }
    told = tellSteps(mounted, told);
    // At the next full second of the clock, so that two countdowns on a page change together.
    stop = clock.at(Math.floor(now / 1000) * 1000 + 1000, tick);
  };
  tick();
  return () => stop();
}

// A screen reader hears of a countdown when it reaches a step, and no oftener.
function tellSteps(mounted: Pick<Mounted, 'box'>, told: string): string {
  const steps = Array.from(countsIn(mounted), (one) => one.dataset['step'] ?? '').join();
  for (const one of countsIn(mounted))
    one.setAttribute('aria-live', told !== '' && steps !== told ? 'polite' : 'off');
  return steps || '-';
}

const opened = new Set<string>();

// Once on a page: two that open each other at their ends would go on for ever.
function openOnce(name: string, open: () => void): void {
  if (opened.has(name)) return;
  opened.add(name);
  open();
}

/** Keeps the countdowns of a widget going for as long as it is there. */
export function attach(mounted: Mounted, page: PartPage, widget: PartWidget): Attached {
  let ahead = 0;
  // The visitor's clock may be wrong by hours; the server's is the one that counts.
  const clock: TickingClock = {
    now: () => page.clock.now() + ahead,
    at: (time, call) => page.clock.at(time - ahead, call),
  };
  const nameOf = (one: HTMLElement) => `${widget.id} ${one.dataset['e'] ?? ''}`;
  const going: Going = { ...page, clock, nameOf };
  const done = new WeakSet<HTMLElement>();
  const ended = (one: HTMLElement): boolean => {
    const { end, to = '' } = one.dataset;
    if (end === undefined) return false;
    if (end === 'restart') {
      if (one.dataset['own'] !== undefined) begin(one, clock.now(), nameOf, page.starts);
      return true;
    }
    if (done.has(one)) return true;
    done.add(one);
    if (end === 'hide') widget.close();
    else if (end === 'widget') openOnce(nameOf(one), () => widget.open(to));
    else if (to) widget.leave(to);
    return true;
  };
  let stop = count(mounted, clock, going, ended);
  const again = () => {
    stop();
    stop = count(mounted, clock, going, ended);
  };
  page.serverAhead().then(
    (by) => {
      if (!by) return;
      ahead = by;
      again();
    },
    () => {},
  );
  const unfollow = page.onEvent((name) => {
    const waiting = [...countsIn(mounted)].filter(
      (one) =>
        one.dataset['from'] === `event ${name}` && valueAt(page.starts.read(), nameOf(one)) === undefined,
    );
    for (const one of waiting) begin(one, clock.now(), nameOf, page.starts);
    if (waiting.length > 0) again();
  });
  return {
    end() {
      stop();
      unfollow();
    },
  };
}
