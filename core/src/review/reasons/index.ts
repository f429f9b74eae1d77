import {
  conditionSpecs,
  specOf,
  titleOfName,
  triggerSpecs,
  type Blocker,
  type Condition,
  type Explanation,
  type OffSchedule,
  type Pause,
  type PageVisit,
  type Reason,
  type TargetingOutcome,
} from '../../behaviour/index.js';

/** A rule in words: what is wanted, what is found, and whether that is enough. */
export interface ReasonLine {
  holds: boolean;
  /** What the rule wants. */
  wanted: string;
  /** What there is instead or as well; left out where `wanted` says it all. */
  found?: string;
  /** Parts of it, for a group of conditions or several triggers. */
  parts: ReasonLine[];
}

/** What is told of a site for the words of a reason. */
export interface ReasonNames {
  /** The address name of a widget by its id. */
  slugOf(id: string): string;
}

/** Why a widget is on a page or not, rule by rule, in words. */
export const reasonLines = ({ reasons, visit }: Explanation, names: ReasonNames): ReasonLine[] =>
  reasons.map((reason) => reasonLine(reason, visit, names));

function reasonLine(reason: Reason, visit: PageVisit, names: ReasonNames): ReasonLine {
  const { holds } = reason;
  switch (reason.rule) {
    case 'targeting':
      return targetingLine(reason.outcome, visit);
    case 'schedule':
      return { holds, wanted: reason.off ? offWords[reason.off] : 'Its schedule allows it now', parts: [] };
    case 'pause':
      return { holds, wanted: reason.pause ? pauseWords[reason.pause] : 'Frequency allows it', parts: [] };
    case 'triggers': {
      const parts = reason.triggers.map(({ trigger, fired }): ReasonLine => {
        const { phrase, found } = specOf(triggerSpecs, trigger);
        const now = found?.(visit, trigger as never);
        return {
          holds: fired,
          wanted: phrase(trigger as never),
          ...(now !== undefined && { found: now }),
          parts: [],
        };
      });
      return {
        holds,
        wanted: triggerWords[parts.length === 1 ? 'one' : reason.all ? 'all' : 'any'][holds ? 0 : 1],
        parts,
      };
    }
    case 'place':
      return {
        holds,
        wanted: reason.blocker ? blockerWords(reason.blocker, visit, names) : 'Its position is free',
        parts: [],
      };
    default:
      return reason satisfies never;
  }
}

const offWords: Readonly<Record<OffSchedule, string>> = {
  early: 'Its schedule has not begun yet',
  late: 'Its schedule has ended',
  hours: 'It is outside its weekly hours',
};

const pauseWords: Readonly<Record<Pause, string>> = {
  closed: 'It was closed, and may not show again yet',
  submitted: 'The form has been submitted before',
  elsewhere: 'Another form has been submitted, after which it stays away',
  frequency: 'It has reached its frequency limit',
  most: 'It has been shown as often as it may in all',
};

/** What is in the way of a place, as a sentence. */
export function blockerWords(
  blocker: Blocker,
  { now }: Pick<PageVisit, 'now'>,
  { slugOf }: ReasonNames,
): string {
  switch (blocker.by) {
    case 'marker':
      return 'The page has no marker for it';
    case 'widget':
      return `Its position is taken by ${titleOfName(slugOf(blocker.widget))}`;
    case 'gap':
      return `The quiet gap between interruptions lasts another ${Math.ceil((blocker.until - now) / 1000)} s`;
    case 'perPage':
      return `The site allows ${blocker.most} ${blocker.most === 1 ? 'interruption' : 'interruptions'} per page`;
    case 'perVisit':
      return `The site allows ${blocker.most} ${blocker.most === 1 ? 'interruption' : 'interruptions'} per visit`;
    case 'dropped':
      return 'It had to wait, and the site lets no widget wait';
    default:
      return blocker satisfies never;
  }
}

const triggerWords = {
  one: ['Its trigger fired', 'Its trigger has not fired yet'],
  any: ['One of its triggers fired', 'None of its triggers has fired yet'],
  all: ['All of its triggers fired', 'Not all of its triggers have fired yet'],
} as const;

const groupWords = {
  all: ['All of these hold', 'Not all of these hold'],
  any: ['One of these holds', 'None of these holds'],
  none: ['None of these holds, as it should be', 'One of these holds, and none should'],
} as const;

function targetingLine(outcome: TargetingOutcome, visit: PageVisit): ReasonLine {
  const { holds, node, children } = outcome;
  if (typeof node !== 'string') return conditionLine(node, holds, visit);
  if (children.length === 0)
    return {
      holds,
      wanted: holds ? 'Every page and visitor matches' : 'Nobody can match an empty group',
      parts: [],
    };
  return {
    holds,
    wanted: groupWords[node][holds ? 0 : 1],
    parts: children.map((child) => targetingLine(child, visit)),
  };
}

function conditionLine(condition: Condition, holds: boolean, visit: PageVisit): ReasonLine {
  const { phrase, found } = specOf(conditionSpecs, condition);
  const now = found?.(visit, condition as never);
  return {
    holds,
    wanted: `Visitors ${phrase(condition as never)}`,
    ...(now !== undefined && { found: now }),
    parts: [],
  };
}
