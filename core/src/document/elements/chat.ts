import { Type, type Static } from '@sinclair/typebox';
import { MessagesSquare } from 'lucide';
import { longestMessage, type ChatWords } from '../../chat/index.js';
import { h } from '../../base/html/index.js';
import { define, elementFields, line, oneOf } from './definition.js';

const schema = elementFields('chat', {
  /** Who answers, as visitors read it. */
  name: line(80),
  state: line(120),
  /** The first message, which nobody had to write. */
  greeting: line(300),
  /** What visitors are asked before their first message. */
  ask: oneOf(['nothing', 'email', 'name-email']),
  nameLabel: line(80),
  emailLabel: line(80),
  /** What stands above the questions, such as what becomes of the answers. */
  notice: Type.Optional(line(300)),
  placeholder: line(80),
  button: line(40),
  /** What is said once the desk has ended a conversation. */
  ended: line(160),
});

type Chat = Static<typeof schema>;

/** The questions before a chat, by their names: what they are called, and of what type their inputs are. */
const questions = ({ ask, nameLabel, emailLabel }: Chat) => [
  ...(ask === 'name-email' ? [{ name: 'name', label: nameLabel, type: 'text' }] : []),
  ...(ask === 'nothing' ? [] : [{ name: 'email', label: emailLabel, type: 'email' }]),
];

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
    state: 'Usually answers within minutes',
    greeting: 'Hello. How can we help?',
    ask: 'name-email' as const,
    nameLabel: 'Your name',
    emailLabel: 'Your e-mail address',
    placeholder: 'Write a message',
    button: 'Send',
    ended: 'This conversation has ended. Write again to begin another.',
  }),
  title: ({ name }) => name || 'Chat',
  lacks: ({ name, ask, emailLabel, nameLabel }) => [
    ...(name.trim() === '' ? [{ text: 'A chat has no name, so screen readers can’t say whose it is' }] : []),
    ...((ask !== 'nothing' && emailLabel.trim() === '') || (ask === 'name-email' && nameLabel.trim() === '')
      ? [{ text: 'A question before the chat has no label' }]
      : []),
  ],
  properties: [
    { path: ['name'], label: 'Name', control: 'line', always: true },
    { path: ['state'], label: 'Status text', control: 'line', always: true },
    { path: ['greeting'], label: 'Greeting', control: 'line', always: true },
    {
      path: ['ask'],
      label: 'Ask first',
      control: 'choice',
      options: { nothing: 'Nothing', email: 'E-mail', 'name-email': 'Name and e-mail' },
    },
    {
      path: ['nameLabel'],
      label: 'Name label',
      control: 'line',
      always: true,
      only: ({ ask }: Chat) => ask === 'name-email',
    },
    {
      path: ['emailLabel'],
      label: 'E-mail label',
      control: 'line',
      always: true,
      only: ({ ask }: Chat) => ask !== 'nothing',
    },
    {
      path: ['notice'],
      label: 'Notice',
      control: 'line',
      only: ({ ask }: Chat) => ask !== 'nothing',
      help: 'Stands above the questions, such as what becomes of the answers.',
    },
    { path: ['placeholder'], label: 'Placeholder', control: 'line', rare: true, always: true },
    { path: ['button'], label: 'Button text', control: 'line', rare: true, always: true },
    { path: ['ended'], label: 'Message when ended', control: 'line', rare: true, always: true },
  ],
  render(element, { id, box, part, messages }) {
    const { name, state, greeting, notice, placeholder, button, ended } = element;
    const words: ChatWords = {
      ended,
      classes: { received: `said ${part('received')}`, sent: `said mine ${part('sent')}` },
    };
    const asked = questions(element);
    return h(
      'div',
      { ...box, 'data-chat': JSON.stringify(words), 'data-failed': messages.failed },
      h('p', { class: `name ${part('name')}` }, name),
      state ? h('p', { class: part('state') }, state) : null,
      h(
        'div',
        { class: 'log', role: 'log', tabindex: 0, 'aria-label': name },
        greeting ? h('p', { class: words.classes.received }, greeting) : null,
      ),
      asked.length > 0
        ? h(
            'div',
            { class: 'asked' },
            notice ? h('p', {}, notice) : null,
            ...asked.map(({ name: key, label, type }) =>
              h(
                'label',
                {},
                h('span', {}, label),
                h('input', {
                  ...{ type, 'data-asked': key, autocomplete: key, maxlength: 200, 'aria-required': 'true' },
                  ...{ class: `input ${part('input')}`, 'aria-describedby': `${id}-status` },
                }),
              ),
            ),
          )
        : null,
      h('p', { id: `${id}-status`, class: 'told', role: 'status' }),
      h(
        'div',
        { class: 'write' },
        h('textarea', {
          ...{
            rows: 1,
            maxlength: longestMessage,
            placeholder,
            'aria-label': placeholder || name,
            dir: 'auto',
          },
          class: `input ${part('input')}`,
        }),
        h('button', { type: 'button', class: part('button') }, button),
      ),
    );
  },
  css:
    '&{display:flex;flex-direction:column;min-height:0}& p{margin:0}& .told:empty,& [hidden]{display:none!important}' +
    '& .log{display:flex;flex-direction:column;gap:8px;overflow:auto;overscroll-behavior:contain;min-height:120px;max-height:min(46vh,380px);padding:2px}' +
    '& .said{max-width:85%;align-self:flex-start;white-space:pre-wrap;overflow-wrap:anywhere}& .mine{align-self:flex-end}' +
    '& .waits{opacity:.6}& .by{display:block;font-size:.8em;opacity:.75}' +
    '& .asked{display:grid;gap:8px}& label{display:grid;gap:3px;font-size:.9em}' +
    '& .write{display:flex;gap:8px;align-items:flex-end}& .input{font:inherit;border-style:solid;width:100%;min-height:44px}' +
    '& textarea{flex:1;resize:none;field-sizing:content;max-height:8em}& .input::placeholder{color:inherit;opacity:.7}' +
    '& button{font:inherit;border:0;cursor:pointer;min-height:44px}',
});
