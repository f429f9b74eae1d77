import { valueAt } from '../../base/maps/index.js';
import { specOfAction, toldBy } from '../../actions/index.js';
import { closingOf, type Closing, placementPhrase, rimWords } from '../../document/placement/index.js';
import {
  conditionSpecs,
  specOf,
  targetingParts,
  titleOfName,
  triggerSpecs,
  type Condition,
  type Schedule,
  type Targeting,
  type Trigger,
} from '../../behaviour/index.js';
import { definitionOf, type Element } from '../../document/elements/index.js';
import { answerWords, type FormTree } from '../../form/index.js';
import { formFields, withDescendants, type WidgetDocument } from '../../document/widget/index.js';
import { hoursWords } from '../../base/time/hours-words.js';
import { listed } from '../../base/measure/listed.js';

/** What a piece of a sentence opens when it is pressed. */
export type Topic =
  | 'keeping'
  | 'pages'
  | 'conditions'
  | 'schedule'
  | 'triggers'
  | 'frequency'
  | 'placement'
  | 'closing'
  | 'visitor'
  | 'recipients'
  | 'afterClosing'
  | 'afterSubmitting'
  | 'afterOthers';

/** A piece of a sentence; those with a topic can be changed where they stand. */
export interface Piece {
  text: string;
  topic?: Topic;
}

export const stations = ['arrive', 'appear', 'respond', 'afterwards', 'return'] as const;
export type Station = (typeof stations)[number];

const say = (text: string): Piece => ({ text });
const about = (topic: Topic, text: string): Piece => ({ text, topic });

const plural = (count: number, word: string): string => `${count} ${word}${count === 1 ? '' : 's'}`;

/** The rule of one station as a sentence. */
export function stationSentence(document: WidgetDocument, station: Station): Piece[] {
  return sentences[station](document);
}

/** The whole rule of a widget in one sentence, as plain text. */
export function ruleSentence(document: WidgetDocument): string {
  const { behaviour, placement } = document;
  const visitors = visitorWords(behaviour.targeting);
  const to = visitors === everyone ? '' : `, to ${visitors}`;
  if (placement.type === 'page') return `Shown at its own address${to}.`;
  const where = `on ${pageWords(behaviour.targeting)}${to}`;
  const when = behaviour.schedule ? `, ${scheduleWords(behaviour.schedule)}` : '';
  const often = frequencyWords(document);
  return `Appears ${triggerWords(behaviour.triggers)}, ${where}${when}${often ? `, ${often}` : ''}.`;
}

const everyone = 'every visitor';

const sentences: Record<Station, (document: WidgetDocument) => Piece[]> = {
  arrive: ({ behaviour: { targeting, schedule }, placement }) => [
    ...(placement.type === 'page'
      ? [say('Shown at its own address')]
      : [say('Shown on '), about('pages', pageWords(targeting))]),
    say(', to '),
    about('conditions', visitorWords(targeting)),
    say(', '),
    about('schedule', schedule ? scheduleWords(schedule) : 'at any time'),
    say('.'),
  ],
  appear: (document) => {
    const { placement, behaviour } = document;
    const often = about('frequency', frequencyWords(document) || 'every time');
    if (placement.type === 'page')
      return [
        say('Stands '),
        about('placement', placementPhrase(document.placement)),
        say(', whenever it is opened.'),
      ];
    return [
      say('Appears '),
      about('triggers', triggerWords(behaviour.triggers)),
      say(', '),
      about('placement', placementPhrase(document.placement)),
      say(', '),
      often,
      say('.'),
    ];
  },
  respond: (document) => {
    const closing = closingOf(document.placement);
    const isPage = document.placement.type === 'page';
    return [
      say(`Visitors see ${contentWords(document)}`),
      ...(closing
        ? [say(' and close it with '), about('closing', closingWords(closing)), say('.')]
        : [
            say(
              isPage ? ' on a standalone page, which does not close.' : ' in the page, which does not close.',
            ),
          ]),
    ];
  },
  afterwards: (document) => {
    const { afterwards, scenes } = document;
    const { visitor } = afterwards;
    if (!hasForm(document))
      return [say('There is no form to submit, so nothing is stored and nobody is notified.')];
    const seen =
      visitor.type === 'page'
        ? `the page ${visitor.address || '(not chosen yet)'}`
        : visitor.type === 'widget'
          ? `the widget ${visitor.opens || '(not chosen yet)'}`
          : visitor.type === 'scene' && scenes.thanks
            ? 'the thank-you message'
            : 'the widget close';
    return [
      say('After submitting, visitors see '),
      about('visitor', seen),
      say('. The submission is '),
      about(
        'keeping',
        afterwards.keep === undefined ? 'stored' : `stored for ${plural(afterwards.keep, 'day')}`,
      ),
      say(', and '),
      ...toldPieces(document),
      say('.'),
    ];
  },
  return: (document) => {
    const { returning } = document.behaviour;
    const closed = closingOf(document.placement) && [
      say('After closing: '),
      about('afterClosing', pauseWords(returning.afterClosing)),
    ];
    const submitted = hasForm(document) && [
      say(closed ? '; after submitting: ' : 'After submitting: '),
      about('afterSubmitting', pauseWords(returning.afterSubmitting)),
    ];
    const said = [...(closed || []), ...(submitted || [])];
    const { afterOthers = [] } = returning;
    const others = about(
      'afterOthers',
      afterOthers.length > 0
        ? `never again after ${listed(afterOthers.map(titleOfName), 'or')}`
        : 'no change',
    );
    return [
      ...said,
      say(`${said.length > 0 ? '; after' : 'After'} submitting another widget: `),
      others,
      say('.'),
    ];
  },
};

/** The pages: those of an address, and what conditions on the page ask of them besides. */
function pageWords(targeting: Targeting): string {
  const { pages, conditions } = targetingParts(targeting);
  const { include, exclude } = pages;
  const wanted = include.length > 0 ? patternWords(include) : 'every page';
  const qualities = conditions.flatMap((one) => specOf(conditionSpecs, one).pageWords?.(one as never) ?? []);
  const said = [wanted, listed(qualities, 'and')].filter(Boolean).join(' ');
  return exclude.length > 0 ? `${said} except ${patternWords(exclude)}` : said;
}

/** The conditions besides those on the page, as they follow "to"; groups inside the tree included. */
function visitorWords(targeting: Targeting): string {
  const { conditions, rest } = targetingParts(targeting);
  const onVisitor = conditions.filter((one) => !specOf(conditionSpecs, one).pageWords);
  const said = [...onVisitor.map(conditionWords), ...rest.map(treeWords)];
  return said.length > 0 ? `visitors ${listed(said, 'and')}` : everyone;
}

/** A group of conditions in words, such as "(on /shop/* or on their 2nd page or later)". */
export function treeWords(tree: Targeting): string {
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
export const conditionWords = (condition: Condition): string =>
  specOf(conditionSpecs, condition).phrase(condition as never);

/** A trigger in words that follow "appears". */
export const triggerPhrase = (trigger: Trigger): string =>
  specOf(triggerSpecs, trigger).phrase(trigger as never);

function triggerWords(triggers: WidgetDocument['behaviour']['triggers']): string {
  return 'any' in triggers
    ? listed(triggers.any.map(triggerPhrase), 'or')
    : listed(triggers.all.map(triggerPhrase), 'and');
}

/** How often at most, as it ends a sentence; empty where every page view shows it. */
function frequencyWords({ behaviour: { frequency }, placement }: WidgetDocument): string {
  const most = frequency.most === undefined ? '' : `at most ${plural(frequency.most, 'time')} in all`;
  // What is part of a page is there whenever the page is.
  if (frequency.per === 'page' && placement.type === 'inline') return most;
  return `at most once ${perWords(frequency)}${most ? `, ${most.replace('at most ', '')}` : ''}`;
}

function perWords(frequency: WidgetDocument['behaviour']['frequency']): string {
  if (frequency.per === 'page') return 'per page view';
  if (frequency.per === 'visit') return 'per visit';
  const { days } = frequency;
  return days === 1 ? 'per day' : days === 7 ? 'per week' : `every ${days} days`;
}

/** When it may appear at all, as it ends a sentence: its hours, its first and last moment, and whose clock that is. */
function scheduleWords({ zone, from, until, hours }: Schedule): string {
  const said = [
    hours.length > 0 && `only ${listed(hours.map(hoursWords), 'and')}`,
    from !== undefined && `from ${momentWords(from)}`,
    until !== undefined && `until ${momentWords(until)}`,
  ].filter((one) => one !== false);
  return said.length > 0 ? `${said.join(', ')} (${zone.replaceAll('_', ' ')})` : 'at any time';
}

/** @example momentWords('2027-01-12T20:00') // '12 January 2027, 20:00' */
const momentWords = (local: string): string =>
  new Intl.DateTimeFormat('en-GB', {
    timeZone: 'UTC',
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
  })
    .format(new Date(`${local}Z`))
    .replace(' at ', ', ');

const seconds = (count: number): string => `${count} s`;

function closingWords(closing: Closing): string {
  const { button, escape, backdrop, after, teaser } = closing;
  const ways = [button && 'the close button', escape && 'Esc', backdrop && 'an outside click'].filter(
    (way) => way !== false,
  );
  const said = listed(ways, 'or') || `its own buttons${after === undefined ? ' only' : ''}`;
  const closes = after === undefined ? said : `${said}, or it closes after ${seconds(after)}`;
  return teaser === undefined ? closes : `${closes}; its teaser remains ${rimWords(teaser)}`;
}

/** What an element is to visitors, where it is what the widget is about; the first that is there is named. */
const mainThings: readonly [type: Element['type'], words: string][] = [
  ['basket', 'the basket'],
  ['plans', 'the price plans'],
  ['countdown', 'a countdown'],
  ['amounts', 'donation amounts'],
  ['links', 'a link strip'],
  ['map', 'a map card'],
];

/** Whether visitors answer something in it: a value that is calculated looks like a field and is none. */
const isEnteredInto = (element: Element): boolean =>
  element.type !== 'calculation' && definitionOf(element).role(element) === 'field';

function contentWords({ elements, scenes }: WidgetDocument): string {
  const all = withDescendants(elements, scenes.opening.root).flatMap((id) => valueAt(elements, id) ?? []);
  const types = all.map(({ type }) => type);
  const fields = all.filter(isEnteredInto).length;
  const main = mainThings.flatMap(([type, words]) => (types.includes(type) ? [words] : []));
  const parts = [...main, ...(fields > 0 ? [`a form with ${plural(fields, 'field')}`] : [])];
  if (parts.length > 0) return listed(parts, 'and');
  return types.length > 1 ? plural(types.length - 1, 'element') : 'an empty box';
}

/** What follows a submission, one action after the other, and on which answers it depends. */
function toldPieces({ afterwards: { actions }, elements, scenes }: WidgetDocument): Piece[] {
  const telling = actions.filter((action) => toldBy(action).length > 0);
  if (telling.length === 0) return [about('recipients', 'nobody'), say(' is notified by e-mail')];
  const labels = fieldLabels(elements);
  return telling.flatMap((action, at) => [
    ...(at > 0 ? [say(at === telling.length - 1 ? ', and ' : ', ')] : []),
    about('recipients', listed(toldBy(action), 'and')),
    say(` ${specOfAction(action)?.phrase(toldBy(action), action as never)}`),
    ...(action.form === undefined ? [] : [say(sceneWords(action.form, { elements, scenes }))]),
    ...(action.when ? [say(` if ${answersWords(action.when, labels)}`)] : []),
  ]);
}

/** In which scene of the designer's own a form stands. */
function sceneWords(form: string, { elements, scenes }: Pick<WidgetDocument, 'elements' | 'scenes'>): string {
  const around = Object.values(scenes).find((scene) =>
    withDescendants(elements, scene?.root ?? '').includes(form),
  );
  return around?.title ? ` after “${around.title}”` : '';
}

/** What the fields of a widget's forms are called, by their names. */
const fieldLabels = (elements: WidgetDocument['elements']): ReadonlyMap<string, string> =>
  new Map(
    Object.entries(elements).flatMap(([id, { type }]) =>
      type === 'form'
        ? formFields(elements, id).map(({ key, label }): [string, string] => [key, label || key])
        : [],
    ),
  );

/** Conditions on answers in words, such as "Who is coming? is A school and Children is more than 40". */
function answersWords(tree: FormTree, labels: ReadonlyMap<string, string>): string {
  if ('type' in tree) return answerWords(tree, labels);
  const [list, word, before] =
    'all' in tree ? [tree.all, 'and', ''] : 'any' in tree ? [tree.any, 'or', ''] : [tree.none, 'or', 'not '];
  const said = listed(
    list.map((one) => answersWords(one, labels)),
    word as 'and' | 'or',
  );
  return before || ('any' in tree && list.length > 1) ? `${before}(${said})` : said;
}

const hasForm = ({ elements }: WidgetDocument): boolean =>
  Object.values(elements).some(({ type }) => type === 'form');

function pauseWords(days: number | null): string {
  if (days === null) return 'never again';
  return days === 0 ? 'shows again normally' : `not for ${plural(days, 'day')}`;
}
