import { UsersRound } from 'lucide';
import { longestMessage, type MemberChatWords } from '../../chat/index.js';
import { h } from '../../base/html/index.js';
import { chatCss } from './chat-css.js';
import { define, elementFields, line } from './definition.js';

/** Members of the site write to each other, once its owner lets them and the page has said who is signed in. */
export const memberChat = define({
  type: 'member-chat',
  label: 'Member chat',
  icon: UsersRound,
  schema: elementFields('member-chat', {
    /** What it is called. */
    name: line(80),
    /** Said to who is not signed in, and where nothing has been written yet. */
    signedOut: line(200),
    none: line(200),
    placeholder: line(80),
    button: line(40),
    /** Said once a report has been taken. */
    reported: line(200),
  }),
  role: () => 'chat',
  parts: ['box', 'name', 'received', 'sent', 'input', 'button'],
  texts: () => ['name', 'received', 'sent', 'button'],
  container: false,
  script: () => 'members' as const,
  create: () => ({
    type: 'member-chat',
    name: 'Messages',
    signedOut: 'Sign in to write to other members.',
    none: 'Nobody has written yet. Find a member and begin.',
    placeholder: 'Write a message',
    button: 'Send',
    reported: 'Thank you. We look at it.',
  }),
  title: ({ name }) => name || 'Member chat',
  lacks: ({ name, button }) =>
    name.trim() === '' || button.trim() === ''
      ? [{ text: 'A member chat has no name, or its button no text' }]
      : [],
  properties: [
    { path: ['name'], label: 'Name', control: 'line', always: true },
    { path: ['signedOut'], label: 'Signed-out text', control: 'line', always: true },
    { path: ['none'], label: 'Empty text', control: 'line', always: true },
    { path: ['placeholder'], label: 'Placeholder', control: 'line', rare: true, always: true },
    { path: ['button'], label: 'Button text', control: 'line', rare: true, always: true },
    { path: ['reported'], label: 'Message when reported', control: 'line', rare: true, always: true },
  ],
  render(element, { id, box, part, messages }) {
    const { name, signedOut, none, placeholder, button, reported } = element;
    const words: MemberChatWords = {
      ...{ none, reported, failed: messages.failed },
      ...{ block: messages.memberBlock, unblock: messages.memberUnblock },
      ...{ removed: messages.memberRemoved, blocked: messages.memberBlocked, nobody: messages.memberNobody },
      classes: { received: `said ${part('received')}`, sent: `said mine ${part('sent')}` },
    };
    const input = `input ${part('input')}`;
    const tool = (key: string, text: string) =>
      h('button', { type: 'button', class: 'tool', 'data-tool': key }, text);
    return h(
      'div',
      { ...box, 'data-members': JSON.stringify(words), 'data-view': 'out' },
      h('p', { class: `name ${part('name')}` }, name),
      h('p', { 'data-in': 'out' }, signedOut),
      h(
        'label',
        { 'data-in': 'list' },
        h('span', {}, messages.memberFind),
        h('input', { type: 'search', class: input, 'data-find': '', autocomplete: 'off', maxlength: 100 }),
      ),
      h('ul', { class: 'threads', 'data-in': 'list', 'aria-label': name }),
      h(
        'div',
        { class: 'tools', 'data-in': 'thread' },
        tool('back', messages.memberAll),
        tool('block', messages.memberBlock),
        tool('report', messages.memberReport),
      ),
      h('p', { class: 'with', 'data-in': 'thread' }),
      h('div', { class: 'log', role: 'log', tabindex: 0, 'aria-label': name, 'data-in': 'thread' }),
      h(
        'form',
        { class: 'reason', hidden: true },
        h(
          'label',
          {},
          h('span', {}, messages.memberReason),
          h('input', { type: 'text', class: input, maxlength: 500, 'aria-required': 'true' }),
        ),
        h('button', { class: part('button') }, messages.memberReport),
      ),
      h('p', { id: `${id}-status`, class: 'told', role: 'status' }),
      h(
        'div',
        { class: 'write', 'data-in': 'thread' },
        h('textarea', {
          ...{ rows: 1, maxlength: longestMessage, placeholder, dir: 'auto', class: input },
          'aria-label': placeholder || name,
        }),
        h('button', { type: 'button', class: part('button') }, button),
      ),
    );
  },
  css:
    chatCss +
    '&{gap:10px}&:not([data-view=out]) [data-in=out],&:not([data-view=list]) [data-in=list],&:not([data-view=thread]) [data-in=thread]{display:none!important}' +
    '& .threads{list-style:none;margin:0;padding:0;display:grid;gap:2px;overflow:auto;max-height:min(46vh,380px)}' +
    '& .threads button{width:100%;display:grid;gap:2px;text-align:start;background:none;color:inherit;padding:8px;min-height:44px;border-radius:4px}' +
    '& .threads button:hover{background:color-mix(in srgb,currentColor 8%,transparent)}& .threads span{font-size:.85em;overflow:hidden;text-overflow:ellipsis;white-space:nowrap}& .threads .new{font-weight:700}' +
    '& .with{font-weight:600}& .reason{display:flex;gap:8px;align-items:flex-end}& .reason label{flex:1}& .reason button{min-height:44px}',
});
