import { Type, type Static } from '@sinclair/typebox';
import { MessagesSquare } from 'lucide';
import {
  chatAssigning,
  chatFiles,
  longestMessage,
  mostQuestions,
  mostRoutes,
  type ChatRoute,
  type ChatRule,
  type ChatWords,
} from '../../chat/index.js';
import { automationProblems, automationSchema, mostAutomations } from '../../chat/automation/index.js';
import { isMailAddress } from '../../actions/index.js';
import { h } from '../../base/html/index.js';
import { safeAddress } from '../../base/sanitise/index.js';
import { chatCss, designCss, patternCss } from './chat-css.js';
import { chatProperties } from './chat-properties.js';
import { addressText, define, type AnyElement, elementFields, line, oneOf, strict } from './definition.js';

const clockTime = Type.String({
  pattern: '^([01]\\d|2[0-3]):[0-5]\\d$|^24:00$',
  description: 'must be a time, such as 16:30',
});
const date = Type.String({
  pattern: '^\\d{4}-\\d{2}-\\d{2}$',
  description: 'must be a date, such as 2026-12-24',
});
const weekday = oneOf(['1', '2', '3', '4', '5', '6', '7']);

const schema = elementFields('chat', {
  /** Who answers, as visitors read it. */
  name: line(80),
  face: Type.Optional(addressText),
  /** An image across the head. */
  banner: Type.Optional(addressText),
  pattern: Type.Optional(oneOf(['none', 'dots', 'grid', 'stripes', 'rings'])),
  design: oneOf(['bubbles', 'cards', 'lines']),
  /** What stands below the name: while somebody is there, while nobody is, and outside the hours. */
  state: line(120),
  away: line(200),
  closed: line(200),
  /** The first message, which nobody had to write, and after how many seconds it is there. */
  greeting: line(300),
  greetAfter: Type.Optional(Type.Number({ minimum: 0, maximum: 600 })),
  /** What visitors are asked before their first message. */
  ask: oneOf(['nothing', 'email', 'name-email']),
  nameLabel: line(80),
  emailLabel: line(80),
  /** Further questions; with options, one of them is chosen. */
  questions: Type.Optional(
    Type.Array(Type.Object({ label: line(80), options: line(300), optional: Type.Boolean() }, strict), {
      maxItems: mostQuestions,
    }),
  ),
  /** What stands above the questions, such as what becomes of the answers. */
  notice: Type.Optional(line(300)),
  /** What has to be agreed to before the first message. */
  consent: Type.Optional(line(300)),
  /** When the desk is open, by the clocks of the site: always, where nothing is said. */
  hours: Type.Optional(
    Type.Array(
      Type.Object(
        { days: Type.Array(weekday, { minItems: 1, maxItems: 7 }), from: clockTime, to: clockTime },
        strict,
      ),
      {
        maxItems: 14,
      },
    ),
  ),
  /** Dates with other hours: closed, where none are said. */
  except: Type.Optional(
    Type.Array(
      Type.Object({ on: date, from: Type.Optional(clockTime), to: Type.Optional(clockTime) }, strict),
      { maxItems: 60 },
    ),
  ),
  /** What visitors may send, and what they may do beside writing. */
  files: oneOf(chatFiles),
  /** What the desk does by itself. */
  assign: Type.Optional(oneOf(chatAssigning)),
  mostEach: Type.Optional(Type.Integer({ minimum: 1, maximum: 50 })),
  /** E-mail addresses, with commas between them. */
  operators: Type.Optional(Type.String({ maxLength: 2000 })),
  routes: Type.Optional(
    Type.Array(Type.Object({ answer: line(200), page: line(500), to: line(254) }, strict), {
      maxItems: mostRoutes,
    }),
  ),
  endAfter: Type.Optional(Type.Number({ minimum: 1, maximum: 720 })),
  keepFor: Type.Optional(Type.Integer({ minimum: 1, maximum: 3650 })),
  remindAfter: Type.Optional(Type.Number({ minimum: 1, maximum: 1440 })),
  remind: Type.Optional(Type.String({ maxLength: 254 })),
  automations: Type.Optional(Type.Array(automationSchema(), { maxItems: mostAutomations })),
  rates: Type.Optional(Type.Boolean()),
  transcript: Type.Optional(Type.Boolean()),
  prints: Type.Optional(Type.Boolean()),
  /** Whether it can be opened in a window of its own. */
  opensWindow: Type.Optional(Type.Boolean()),
  /** Whether a visitor can have the conversation forgotten by this browser. */
  forgets: Type.Optional(Type.Boolean()),
  /** Whether a link leads to the site's messenger. */
  messenger: Type.Optional(Type.Boolean()),
  sound: Type.Optional(Type.Boolean()),
  ends: Type.Optional(Type.Boolean()),
  placeholder: line(80),
  button: line(40),
  typing: line(80),
  seen: line(40),
  /** What is said once a conversation is over. */
  ended: line(160),
  thanks: line(160),
  mailed: line(160),
});

type Chat = Static<typeof schema>;

/** The questions before a chat: what they are called, and of what type their inputs are. */
const questions = ({ ask, nameLabel, emailLabel }: Chat) => [
  ...(ask === 'name-email' ? [{ key: 'name', label: nameLabel, type: 'text', when: {} }] : []),
  // Outside the hours the answer comes by mail, so there it is asked in any case.
  {
    key: 'email',
    label: emailLabel,
    type: 'email',
    when: ask === 'nothing' ? { 'data-when': 'closed' } : {},
  },
];

/** What the server has to know of a chat. */
const chatRule = ({
  hours = [],
  except = [],
  files,
  transcript = false,
  assign = 'nobody',
  operators = '',
  routes = [],
  mostEach,
  endAfter,
  keepFor,
  remindAfter,
  remind,
  automations = [],
}: Chat): ChatRule => ({
  hours: { rows: hours.map((row) => ({ ...row, days: row.days.map(Number) })), except },
  ...{ files, transcript, assign, routes, automations },
  operators: optionsOf(operators.toLowerCase()),
  ...(mostEach !== undefined && { mostEach }),
  ...(endAfter !== undefined && { endAfter }),
  ...(keepFor !== undefined && { keepFor }),
  ...(remindAfter !== undefined && remind !== undefined && { remindAfter, remind }),
});

/** What the server has to know of the chat of a widget; `undefined` where it has none. */
export function chatRuleOf(elements: Readonly<Record<string, AnyElement>>): ChatRule | undefined {
  const found = Object.values(elements).find(({ type, hidden }) => type === 'chat' && !hidden);
  return found && chatRule(found as Chat);
}

/** Why a conversation can’t go where a route says. */
function wrongRoute({ answer, page, to }: ChatRoute, own: readonly { options: string }[]) {
  if (!isMailAddress(to.trim()))
    return [{ text: 'A topic or page has no operator: there is no e-mail address' }];
  const wanted = answer.trim().toLowerCase();
  if (wanted === '' && page.trim() === '') return [{ text: 'An operator by topic or page has neither' }];
  const choices = own.map(({ options }) => optionsOf(options.toLowerCase()));
  const canBe = wanted === '' || choices.some((list) => list.length === 0 || list.includes(wanted));
  return canBe ? [] : [{ text: `No question before the chat can be answered with “${answer.trim()}”` }];
}

const optionsOf = (options: string): string[] =>
  options
    .split(',')
    .map((one) => one.trim())
    .filter(Boolean);

export const chat = define({
  type: 'chat',
  label: 'Chat',
  icon: MessagesSquare,
  schema,
  role: () => 'chat',
  parts: ['box', 'name', 'state', 'received', 'sent', 'input', 'button'],
  texts: () => ['name', 'state', 'received', 'sent', 'button'],
  container: false,
  script: () => 'chat' as const,
  create: () => ({
    type: 'chat',
    name: 'Our desk',
    design: 'bubbles' as const,
    state: 'Usually answers within minutes',
    away: 'Nobody is here at the moment. We answer as soon as we can.',
    closed: 'We are closed. Leave a message, and we answer by e-mail.',
    greeting: 'Hello. How can we help?',
    ask: 'name-email' as const,
    nameLabel: 'Your name',
    emailLabel: 'Your e-mail address',
    files: 'pictures' as const,
    rates: true,
    transcript: true,
    sound: true,
    ends: true,
    placeholder: 'Write a message',
    button: 'Send',
    typing: 'is typing …',
    seen: 'Seen',
    ended: 'This conversation has ended. Write again to begin another.',
    thanks: 'Thank you for your rating.',
    mailed: 'The conversation is on its way to you by e-mail.',
  }),
  title: ({ name }) => name || 'Chat',
  lacks: ({
    name,
    ask,
    emailLabel,
    nameLabel,
    questions: own = [],
    remindAfter,
    remind = '',
    routes = [],
    automations = [],
  }) => [
    ...automations.flatMap((one) =>
      automationProblems(one).map(([, reason]) => ({
        text: `An automation of the chat is not whole: ${reason}`,
      })),
    ),
    ...routes.flatMap((route) => wrongRoute(route, own)),
    ...(remindAfter !== undefined && !isMailAddress(remind.trim())
      ? [{ text: 'Nobody can be reminded: there is no e-mail address' }]
      : []),
    ...(name.trim() === '' ? [{ text: 'A chat has no name, so screen readers can’t say whose it is' }] : []),
    ...(emailLabel.trim() === '' ||
    (ask === 'name-email' && nameLabel.trim() === '') ||
    own.some(({ label }) => label.trim() === '')
      ? [{ text: 'A question before the chat has no label' }]
      : []),
  ],
  problems: ({ hours = [], except = [] }) => [
    ...[...hours.entries()].flatMap(([at, { from, to }]): [string, string][] =>
      from >= to ? [[`hours.${at}.to`, 'must be later than “From”']] : [],
    ),
    ...[...except.entries()].flatMap(([at, { from, to }]): [string, string][] =>
      (from === undefined) !== (to === undefined)
        ? [[`except.${at}.to`, 'needs both times, or neither']]
        : from !== undefined && to !== undefined && from >= to
          ? [[`except.${at}.to`, 'must be later than “From”']]
          : [],
    ),
  ],
  properties: chatProperties,
  render(element, { id, box, part, messages }) {
    const {
      name,
      face = '',
      banner = '',
      state,
      away,
      closed,
      greeting,
      greetAfter,
      notice,
      consent,
      placeholder,
      button,
    } = element;
    const words: ChatWords = {
      ...{ ended: element.ended, typing: element.typing, seen: element.seen },
      ...{ thanks: element.thanks, mailed: element.mailed, sound: element.sound === true },
      ...{ unmute: messages.chatUnmute, mute: messages.chatMute },
      ...{ badFile: messages.chatFile, agree: messages.chatAgree },
      classes: { received: `said ${part('received')}`, sent: `said mine ${part('sent')}` },
    };
    const input = `input ${part('input')}`;
    const described = { 'aria-describedby': `${id}-status` };
    const required = { 'aria-required': 'true', maxlength: 200 };
    const tool = (key: string, text: string, shown: boolean | undefined, when: string) =>
      shown
        ? h('button', { type: 'button', class: 'tool', 'data-tool': key, 'data-when': when || null }, text)
        : null;
    const stateLine = (when: string, text: string) =>
      text ? h('p', { class: part('state'), 'data-when': when }, text) : null;
    return h(
      'div',
      {
        ...box,
        'data-chat': JSON.stringify(words),
        'data-failed': messages.failed,
        'data-desk': 'here',
        'data-stage': 'none',
        'data-design': element.design,
      },
      banner ? h('img', { class: 'banner', src: safeAddress(banner), alt: '' }) : null,
      h(
        'div',
        { class: 'head' },
        face ? h('img', { class: 'face', src: safeAddress(face), alt: '', width: 40, height: 40 }) : null,
        h(
          'div',
          {},
          h('p', { class: `name ${part('name')}` }, name),
          stateLine('here', state),
          stateLine('away', away),
          stateLine('closed', closed),
        ),
      ),
      h(
        'div',
        { class: 'log', role: 'log', tabindex: 0, 'aria-label': name },
        greeting
          ? h(
              'p',
              { class: words.classes.received, ...(greetAfter && { 'data-after': greetAfter }) },
              greeting,
            )
          : null,
      ),
      h('p', { class: 'sign', 'aria-live': 'off' }),
      h(
        'div',
        { class: 'asked', 'data-when': 'none' },
        notice ? h('p', {}, notice) : null,
        ...questions(element).map(({ key, label, type, when }) =>
          h(
            'label',
            when,
            h('span', {}, label),
            h('input', {
              ...{ type, class: input, 'data-asked': key, autocomplete: key, ...required, ...described },
            }),
          ),
        ),
        ...(element.questions ?? []).map(({ label, options, optional }) => {
          const given = {
            ...{ class: input, 'data-own': label, ...described },
            ...(optional ? { maxlength: 200 } : required),
          };
          const choices = optionsOf(options);
          return h(
            'label',
            {},
            h('span', {}, label, optional ? ` ${messages.optional}` : null),
            choices.length > 0
              ? h(
                  'select',
                  given,
                  h('option', { value: '' }, ''),
                  ...choices.map((one) => h('option', {}, one)),
                )
              : h('input', { type: 'text', ...given }),
          );
        }),
        consent
          ? h(
              'label',
              { class: 'agree' },
              h('input', {
                type: 'checkbox',
                'data-agree': '',
                ...{ 'aria-required': 'true' },
                ...described,
              }),
              h('span', {}, consent),
            )
          : null,
      ),
      h('p', { id: `${id}-status`, class: 'told', role: 'status' }),
      h(
        'div',
        { class: 'write' },
        element.files === 'none'
          ? null
          : h(
              'label',
              { class: 'attach', title: messages.chatAttach },
              h('input', {
                ...{ type: 'file', 'data-file': '', 'aria-label': messages.chatAttach },
                ...(element.files === 'pictures' && { accept: 'image/*' }),
              }),
              h('span', { 'aria-hidden': 'true' }, '+'),
            ),
        h('textarea', {
          ...{ rows: 1, maxlength: longestMessage, placeholder, dir: 'auto', class: input },
          'aria-label': placeholder || name,
        }),
        h('button', { type: 'button', class: part('button') }, button),
      ),
      element.rates
        ? h(
            'fieldset',
            { class: 'rate', 'data-when': 'closed-chat' },
            h('legend', {}, messages.chatRate),
            ...[1, 2, 3, 4, 5].map((stars) =>
              h(
                'button',
                { type: 'button', 'data-rate': stars, 'aria-label': `${stars} / 5` },
                h('span', { 'aria-hidden': 'true' }, '★'),
              ),
            ),
          )
        : null,
      h(
        'p',
        { class: 'tools' },
        tool('end', messages.chatEnd, element.ends, 'going'),
        tool('transcript', messages.chatTranscript, element.transcript, 'begun'),
        tool('print', messages.chatPrint, element.prints, 'begun'),
        tool('sound', messages.chatMute, element.sound, 'begun'),
        tool('window', messages.chatWindow, element.opensWindow, ''),
        tool('forget', messages.chatForget, element.forgets, 'begun'),
        element.messenger
          ? h(
              'a',
              // Where it leads is known to the page's script, which knows the server.
              { class: 'tool', 'data-messenger': '', target: '_blank', rel: 'noopener' },
              messages.chatMessenger,
            )
          : null,
      ),
    );
  },
  css: chatCss,
  cssFor: ({ design, pattern = 'none' }) => [designCss[design], patternCss[pattern]],
});
