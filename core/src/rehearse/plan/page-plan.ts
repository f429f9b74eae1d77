import {
  comesByItself,
  compete,
  interrupts,
  leavesOf,
  phoneUpTo,
  placeOf,
  type Condition,
  type PageVisit,
  type Policy,
  type Targeting,
  type WidgetRules,
} from '../../behaviour/index.js';
import { anyVisit } from './any-visit.js';
import { holds, satisfy, type Example } from './satisfy.js';
import { axisOf, testOf } from './studied.js';
import { scheduledTogether } from './together.js';

/** A page of the site, as far as rules ask. */
export interface PlannedPage {
  address: string;
  /** What it says that it is, in small letters. */
  types: readonly string[];
  /** The inline widgets it has markers for, by their address names. */
  markers: readonly string[];
}

/** Who may see a widget on a page: nobody, some visitors, or everyone; or only those who open it themselves. */
export type Presence = 'never' | 'some' | 'all' | 'asked';

/** Two widgets that want to be on a page at once and can't. */
export interface Clash {
  /** The widgets, by id. */
  one: string;
  other: string;
  /** Both interrupt, and have to take turns; or they would lie on one another, on wide windows or on phones only. */
  because: 'turns' | 'place' | 'place-on-phones';
  /** Who comes first, by priority; left out where nothing decides it. */
  first?: string;
  /** A visitor who meets it, in words; nobody in particular where the list is empty. */
  example: string[];
}

export interface PlanRow {
  /** By the place of the page and the widget in what was asked about. */
  presence: Presence[];
  clashes: Clash[];
}

/** What the plan is made of. */
export interface PlanInput {
  pages: readonly PlannedPage[];
  widgets: readonly WidgetRules[];
  policy: Policy;
  /** From when on it counts, ms since the epoch: schedules may bring widgets together later. */
  now: number;
}

/** Widths of windows for which places are compared, px. */
const [wide, phone] = [1280, 390];

/** A widget with what is asked of its rules again and again. */
interface Planned {
  rules: WidgetRules;
  /** The conditions on the page alone, each with its test. */
  onPage: readonly [Condition, (visit: PageVisit) => boolean][];
  comesByItself: boolean;
}

/**
 * Which widgets may appear on which pages, and where they get in each other's way. Clashes are found, not met by chance: of every
 * pair of widgets it is asked whether there is a visitor for whom both hold. Pages on which the rules of a pair say the same are
 * asked about once.
 */
export function* pagePlan({ pages, widgets, now }: PlanInput): Generator<PlanRow> {
  const planned = widgets.map(prepared);
  const pairs = competingPairs(planned, now);
  const asked = new Map<string, Example | null>();
  const presences = new Map<string, Presence>();
  for (const page of pages) {
    const visit = visitOn(page, now);
    const says = planned.map((one) => pageOutcomes(one, visit));
    const keys = says.map(({ key }) => key);
    const presence = planned.map((one, at): Presence => {
      const key = `${at} ${keys[at]}`;
      const known = presences.get(key) ?? presenceOf(one, says[at] as PageOutcomes, visit);
      presences.set(key, known);
      return one.rules.mode === 'inline' && !page.markers.includes(one.rules.slug) ? 'never' : known;
    });
    const clashes = pairs.flatMap(({ one, other, because }): Clash[] => {
      if (!mayMeet(presence[one]) || !mayMeet(presence[other])) return [];
      const key = `${one} ${keys[one]} ${other} ${keys[other]}`;
      let example = asked.get(key);
      if (example === undefined) {
        example = meeting(planned, [one, other], says, visit, because);
        asked.set(key, example);
      }
      if (!example) return [];
      const [a, b] = [planned[one] as Planned, planned[other] as Planned];
      const first = firstOf(a.rules, b.rules);
      const { id } = a.rules;
      return [{ one: id, other: b.rules.id, because, ...(first && { first }), example: example.words }];
    });
    yield { presence, clashes };
  }
}

const mayMeet = (presence: Presence | undefined): boolean => presence === 'some' || presence === 'all';

const firstOf = (a: WidgetRules, b: WidgetRules): string | undefined =>
  a.priority === b.priority ? undefined : a.priority > b.priority ? a.id : b.id;

function prepared(rules: WidgetRules): Planned {
  const pageLeaves = leavesOf(rules.targeting).filter((leaf) => !axisOf(leaf));
  return {
    rules,
    onPage: pageLeaves.map((leaf) => [leaf, testOf(leaf)]),
    comesByItself: comesByItself(rules),
  };
}

interface PageOutcomes {
  /** Tells the pages on which a widget's rules say the same. */
  key: string;
  outcomes: ReadonlyMap<Condition, boolean>;
}

function pageOutcomes({ onPage }: Planned, visit: PageVisit): PageOutcomes {
  const outcomes = new Map(onPage.map(([leaf, test]) => [leaf, test(visit)]));
  return { key: [...outcomes.values()].map(Number).join(''), outcomes };
}

const visitOn = ({ address, types, markers }: PlannedPage, now: number): PageVisit => ({
  ...anyVisit,
  ...placeOf(address),
  types,
  markers,
  now,
  arrivedAt: now,
});

function presenceOf(
  { rules, comesByItself }: Planned,
  { outcomes }: PageOutcomes,
  visit: PageVisit,
): Presence {
  const onPage = (condition: Condition) => outcomes.get(condition);
  const held = holds(rules.targeting, onPage);
  const somebody = held ?? satisfy([rules.targeting], visit, onPage) !== null;
  if (!somebody) return 'never';
  if (!comesByItself) return 'asked';
  const not: Targeting = { none: [rules.targeting] };
  const everybody = held ?? satisfy([not], visit, onPage) === null;
  return everybody ? 'all' : 'some';
}

/** The pairs of widgets that can't stand on a page together, whoever visits it. */
function competingPairs(
  planned: readonly Planned[],
  now: number,
): { one: number; other: number; because: Clash['because'] }[] {
  return planned.flatMap(({ rules: a, comesByItself }, one) =>
    planned.slice(one + 1).flatMap(({ rules: b, comesByItself: too }, at) => {
      if (!comesByItself || !too || !scheduledTogether(a.schedule, b.schedule, now)) return [];
      const because =
        interrupts(a) && interrupts(b)
          ? 'turns'
          : compete(a, b, wide)
            ? 'place'
            : compete(a, b, phone)
              ? 'place-on-phones'
              : null;
      return because ? [{ one, other: one + 1 + at, because } as const] : [];
    }),
  );
}

function meeting(
  planned: readonly Planned[],
  pair: readonly number[],
  says: readonly PageOutcomes[],
  visit: PageVisit,
  because: Clash['because'],
): Example | null {
  const outcomes = new Map(pair.flatMap((at) => [...(says[at]?.outcomes ?? [])]));
  const trees = pair.flatMap((at) => planned[at]?.rules.targeting ?? []);
  const upTo = (to?: number): Example | null =>
    satisfy(to ? [...trees, { type: 'width', from: 0, to }] : trees, visit, (condition) =>
      outcomes.get(condition),
    );
  // An example on a usual phone says more than one on the widest window that counts as one.
  return because === 'place-on-phones' ? (upTo(phone) ?? upTo(phoneUpTo)) : upTo();
}
