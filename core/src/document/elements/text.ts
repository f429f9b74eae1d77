import { Type } from '@sinclair/typebox';
import { AlignLeft, Heading } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, removeIt } from './definition.js';
import { beginning, plainText, renderRuns, runProblems, runSchema, toRuns } from './rich-text.js';

const schema = elementFields('text', {
  /** 1 to 4 for a heading of that level, 0 for a paragraph. */
  level: Type.Integer({ minimum: 0, maximum: 4 }),
  content: Type.Array(runSchema, { maxItems: 500 }),
  /** It is what visitors read of the use of what they send. */
  notice: Type.Optional(Type.Boolean()),
});

/** What a legal notice says where nobody has written another. */
export const noticeText =
  'We use your details for this only and never pass them on. You can withdraw your consent at any time.';

export const text = define({
  type: 'text',
  label: 'Text',
  icon: AlignLeft,
  iconFor: ({ level }) => (level > 0 ? Heading : undefined),
  schema,
  role: ({ level }) => (level === 0 ? 'text' : 'title'),
  parts: ['box'],
  container: false,
  create: () => ({ type: 'text', level: 0, content: toRuns('Write a sentence or two here.') }),
  title: ({ level, content }) =>
    beginning(plainText(content)) || (level === 0 ? 'Empty paragraph' : 'Empty heading'),
  lacks: ({ content }) =>
    content.every(({ text }) => text.trim() === '') ? [{ text: 'A text is empty', repair: removeIt }] : [],
  properties: [
    { path: ['content'], label: 'Text', control: 'rich', help: 'Or double-click the text on the stage.' },
    {
      path: ['level'],
      label: 'Text type',
      control: 'choice',
      options: { 0: 'Paragraph', 1: 'Heading 1', 2: 'Heading 2', 3: 'Heading 3', 4: 'Heading 4' },
    },
    {
      path: ['notice'],
      label: 'Legal notice',
      control: 'toggle',
      help: 'Tells visitors how their data is used.',
      rare: true,
    },
  ],
  render: ({ level, content }, { box }) =>
    h(level === 0 ? 'p' : `h${level}`, { ...box, dir: 'auto' }, renderRuns(content)),
  css: '&{margin:0;overflow-wrap:anywhere}',
  cssFor: ({ content }) => [
    ...(content.some(({ link }) => link) ? ['& a{color:var(--link,inherit)}'] : []),
    ...(content.some(({ highlight }) => highlight) ? ['& mark{background:#ffe08a;color:inherit}'] : []),
  ],
  offers: [
    { label: 'Heading', with: { level: 2, content: [{ text: 'A heading' }] } },
    { label: 'Paragraph', with: {} },
  ],
  problems: ({ content }) => runProblems(content),
});
