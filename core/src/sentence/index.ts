import { valueAt } from '../maps/index.js';
import { closingOf, type Closing } from '../placement/index.js';
import { targetingParts, type Condition, type Targeting, type Trigger } from '../behaviour/index.js';
import { withDescendants, type WidgetDocument } from '../widget/index.js';

/** What a piece of a sentence opens when it is pressed. */
export type Subject =
  | 'pages'
  | 'conditions'
  | 'triggers'
  | 'frequency'
  | 'placement'
  | 'closing'
  | 'visitor'
  | 'recipients'
  | 'afterClosing'
  | 'afterSubmitting';

/** A piece of a sentence; those with a subject can be changed where they stand. */
export interface Piece {
  text: string;
  subject?: Subject;
}

export const stations = ['arrive', 'appear', 'respond', 'afterwards', 'return'] as const;
export type Station = (typeof stations)[number];

const say = (text: string): Piece => ({ text });
const about = (subject: Subject, text: string): Piece => ({ text, subject });

/** Joins words as in "a, b or c". */
export function listed(words: readonly string[], last: 'and' | 'or'): string {
  if (words.length < 2) return words.join('');
  return `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1)}`;
}

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;

/** The rule of one station as a sentence. */
export function stationSentence(document: WidgetDocument, station: Station): Piece[] {
  return sentences[station](document);
}

/** The whole rule of a widget in one sentence, as plain text. */
export function ruleSentence(document: WidgetDocument): string {
  const { behaviour } = document;
  const visitors = visitorWords(behaviour.targeting);
  const to = visitors === 'every visitor' ? '' : `, to ${visitors}`;
  return `Appears ${triggerWords(behaviour.triggers)}, on ${pageWords(behaviour.targeting)}${to}, at most ${frequencyWords(document)}.`;
}

const sentences: Record<Station, (document: WidgetDocument) => Piece[]> = {
  arrive: ({ behaviour: { targeting } }) => [
    say('May appear on '),
    about('pages', pageWords(targeting)),
    say(', to '),
    about('conditions', visitorWords(targeting)),
    say('.'),
  ],
  appear: (document) => [
    say('Appears '),
    about('triggers', triggerWords(document.behaviour.triggers)),
    say(', '),
    about('placement', placementWords(document)),
    say(', at most '),
    about('frequency', frequencyWords(document)),
    say('.'),
  ],
  respond: (document) => {
    const closing = closingOf(document.placement);
    const stands = document.placement.type === 'page' ? 'is a page of its own' : 'stands in the page';
    return [
      say(`The visitor finds ${contentWords(document)}`),
      ...(closing
        ? [say(', and closes it by '), about('closing', closingWords(closing)), say('.')]
        : [say(`; it ${stands} and has nothing to close.`)]),
    ];
  },
  afterwards: ({ afterwards: { visitor, actions }, scenes }) => {
    const recipients = actions.flatMap((action) => (action.type === 'notify' ? action.recipients : []));
    const seen =
      visitor.type === 'page'
        ? `the page ${visitor.address || '(not chosen yet)'}`
        : visitor.type === 'scene' && scenes.thanks
          ? 'the thanks'
          : 'it close';
    return [
      say('Having sent the form, the visitor sees '),
      about('visitor', seen),
      say('. The submission is stored, and '),
      about('recipients', recipients.length > 0 ? listed(recipients, 'and') : 'nobody'),
      say(recipients.length > 1 ? ' are told by mail.' : ' is told by mail.'),
    ];
  },
  return: ({ behaviour: { returning } }) => [
    say('After closing it, comes '),
    about('afterClosing', pauseWords(returning.afterClosing)),
    say('; after submitting, '),
    about('afterSubmitting', pauseWords(returning.afterSubmitting)),
    say('.'),
  ],
};

function pageWords(targeting: Targeting): string {
  const { include, exclude } = targetingParts(targeting).pages;
  const wanted = include.length > 0 ? patternWords(include) : 'every page';
  return exclude.length > 0 ? `${wanted} except ${patternWords(exclude)}` : wanted;
}

/** The conditions besides the pages, as they follow "to"; groups inside the tree included. */
function visitorWords(targeting: Targeting): string {
  const { conditions, rest } = targetingParts(targeting);
  const said = [...conditions.map(conditionWords), ...rest.map(treeWords)];
  return said.length > 0 ? `visitors ${listed(said, 'and')}` : 'every visitor';
}

/** A group of conditions in words, such as "(on /shop/* or on their 2nd page or later)". */
function treeWords(tree: Targeting): string {
  if ('type' in tree) return conditionWords(tree);
  const [list, word, before] =
    'all' in tree ? [tree.all, 'and', ''] : 'any' in tree ? [tree.any, 'or', ''] : [tree.none, 'or', 'not '];
  if (list.length === 0) return 'any' in tree ? '(nobody)' : '(anybody)';
  const said = listed(list.map(treeWords), word as 'and' | 'or');
  return before || list.length > 1 ? `${before}(${said})` : said;
}

// "/journal/*" is said as people say it; a pattern that is more than that is shown as it is.
function patternWords(patterns: readonly string[]): string {
  const folders = patterns.every((pattern) => /^[^*]+\/\*$/.test(pattern));
  return folders
    ? `pages under ${listed(
        patterns.map((pattern) => pattern.slice(0, -2)),
        'and',
      )}`
    : listed(patterns, 'and');
}

/** A condition in words that follow "visitors". */
export function conditionWords(condition: Condition): string {
  switch (condition.type) {
    case 'address':
      return addressWords(condition);
    case 'width':
      return `with a window ${condition.from} to ${condition.to} px wide`;
    case 'pages-seen':
      return `on their ${ordinal(condition.atLeast)} page or later`;
  }
}

function addressWords({ include, exclude }: { include: string[]; exclude: string[] }): string {
  const not = exclude.length > 0 ? ` except ${exclude.join(', ')}` : '';
  return `on ${include.join(', ') || 'every page'}${not}`;
}

function ordinal(count: number): string {
  const end =
    count % 100 > 10 && count % 100 < 14 ? 'th' : ({ 1: 'st', 2: 'nd', 3: 'rd' }[count % 10] ?? 'th');
  return `${count}${end}`;
}

/** A trigger in words that follow "appears". */
export function triggerPhrase(trigger: Trigger): string {
  switch (trigger.type) {
    case 'load':
      return 'as soon as the page is there';
    case 'delay':
      return `${plural(trigger.seconds, 'second')} after arriving`;
    case 'scroll':
      return `at ${Math.round(trigger.share * 100)} % of the page`;
    case 'leave':
      return 'when leaving';
    case 'asked':
      return 'when the page opens it';
  }
}

function triggerWords(triggers: WidgetDocument['behaviour']['triggers']): string {
  return 'any' in triggers
    ? listed(triggers.any.map(triggerPhrase), 'or')
    : listed(triggers.all.map(triggerPhrase), 'and');
}

function frequencyWords({ behaviour: { frequency } }: WidgetDocument): string {
  if (frequency.per === 'page') return 'once a page view';
  if (frequency.per === 'visit') return 'once a visit';
  return frequency.days === 1
    ? 'once a day'
    : frequency.days === 7
      ? 'once a week'
      : `once in ${frequency.days} days`;
}

/** A placement in words: "at the bottom right corner". */
export function placementWords({ placement }: Pick<WidgetDocument, 'placement'>): string {
  const rim = (at: string) =>
    at.includes('-') ? `in the ${at.replace('-', ' ')} corner` : `at the ${at} edge`;
  switch (placement.type) {
    case 'corner':
      return rim(placement.at);
    case 'inline':
      return 'in the page';
    case 'centre':
      return placement.backdrop ? 'in the centre with a backdrop' : 'in the centre';
    case 'side':
      return `as a panel at the ${placement.at}`;
    case 'bar':
      return `as a bar at the ${placement.at === 'top' ? 'top' : 'foot'}`;
    case 'cover':
      return 'over the whole window';
    case 'anchored':
      return `dropped from ${placement.to}`;
    case 'page':
      return 'on a page of its own';
    case 'launcher':
      return `behind a ${placement.shape} ${rim(placement.at)}`;
  }
}

function closingWords(closing: Closing): string {
  const { button, escape, backdrop, after } = closing;
  const ways = [
    button && 'its close button',
    escape && 'Esc',
    backdrop && 'a click beside it',
    after !== undefined && `itself after ${plural(after, 'second')}`,
  ].filter((way) => way !== false);
  return ways.length > 0 ? listed(ways, 'or') : 'nothing but its own buttons';
}

function contentWords({ elements, scenes }: WidgetDocument): string {
  const types = withDescendants(elements, scenes.opening.root).map((id) => valueAt(elements, id)?.type);
  const fields = types.filter((type) => type === 'field').length;
  if (fields > 0) return `a form with ${plural(fields, 'field')}`;
  return types.length > 1 ? `${plural(types.length - 1, 'element')} and no form` : 'an empty box';
}

function pauseWords(days: number | null): string {
  if (days === null) return 'never again';
  return days === 0 ? 'again as usual' : `not again for ${plural(days, 'day')}`;
}
