import {
  buildWidget,
  heading,
  words,
  form,
  field,
  email,
  send,
  link,
  quiet,
  dismiss,
  row,
  dressed,
  list,
  badge,
  countdown,
  icon,
  small,
  type Sketch,
  type WidgetSketch,
} from '@sirene/core/library/sketch';
import type { Look } from '@sirene/core/style';
import type { WidgetDocument } from '@sirene/core/document/widget';

// A few days from now, so that every unit has a figure.
const soon = new Date(Date.now() + 3.4 * 86_400_000).toISOString().slice(0, 16);

interface Piece {
  title: string;
  width: number;
  height: number;
  document: WidgetDocument;
}

const piece = (
  title: string,
  [width, height]: [number, number],
  sketch: Pick<WidgetSketch, 'placement' | 'opening'> & Partial<WidgetSketch>,
): Piece => ({
  title,
  width,
  height,
  document: buildWidget({ name: title, kind: 'cta', ...sketch }),
});

/** Real pieces on which a brand is looked at. */
export const pieces: readonly Piece[] = [
  piece('Text', [380, 300], {
    placement: { type: 'inline', width: 420 },
    opening: [
      heading('Display text', 1, { fontSize: '{size.display}' }),
      heading('Second-level heading'),
      words('Body text in the brand’s font and size, long enough to need a second line.'),
      small('Small print, in the secondary colour.'),
      list(['An item with a marker', 'Another item']),
    ],
  }),
  piece('Overlay with a form', [380, 300], {
    kind: 'popup',
    placement: { type: 'corner', width: 380 },
    opening: [
      heading('An overlay'),
      form([
        field('name', 'name', 'Your name', { hint: 'What should we call you?' }),
        email(),
        send('Primary button'),
      ]),
    ],
  }),
  piece('Buttons and badges', [380, 150], {
    placement: { type: 'inline', width: 420 },
    opening: [
      dressed(
        row([
          dressed(link('Primary'), { share: 0 }),
          dressed({ ...link('Secondary'), ...quiet }, { share: 0 }),
          dressed(dismiss('Not now'), { share: 0, borderWidth: 0 }),
        ]),
        {
          gap: '{space.3}',
        },
      ),
      dressed(
        row([
          dressed(badge('New'), { share: 0, self: 'center' }),
          icon('star'),
          icon('mail', { background: '{color.accent}', radius: 24 }, { color: '{color.on-accent}' }),
        ]),
        {
          gap: '{space.3}',
        },
      ),
    ],
  }),
  piece('Options', [380, 150], {
    placement: { type: 'inline', width: 420 },
    opening: [
      form([
        field('choice', 'one', 'Choose one', {
          options: ['First', 'Second', 'Third'],
          style: { choices: { base: { choiceFlow: 'wrapped' } } },
        }),
        field('select', 'from', 'Drop-down', { options: ['First', 'Second'] }),
      ]),
    ],
  }),
  piece('Bar', [776, 74], {
    kind: 'bar',
    placement: { type: 'bar', width: 760 },
    opening: [
      dressed(
        row([
          dressed(words('A notification bar.'), { share: 0 }),
          dressed(countdown(soon, { design: 'line' }), { share: 0 }),
          dressed(link('A button'), { share: 0, padding: [6, 16, 6, 16] }),
        ]),
        { along: 'center' },
      ),
    ],
    style: { overlay: { box: { base: { padding: [10, 56, 10, 24] } } } },
  }),
];

// An element that shows each role.
const shown: Partial<Record<Look['role'], () => Sketch>> = {
  button: () => link('A button'),
  title: () => heading('A heading'),
  text: () => words('A few words of body text, as in a widget.'),
  field: () => field('text', 'answer', 'Your answer', { hint: 'A hint below the field' }),
  form: () =>
    form([
      field('name', 'name', 'Your name'),
      email(),
      field('choice', 'one', 'Choose one', { options: ['First', 'Second'] }),
      send('Send'),
    ]),
  countdown: () => countdown(soon),
  list: () => list(['First item', 'Second item', 'Third item']),
  badge: () => badge('New'),
  icon: () => icon('star'),
};

/** A piece that wears a look. */
export function lookPiece(id: string, { role, name }: Look): Piece {
  const surface = role === 'overlay' || role === 'panel';
  const element: Sketch = surface
    ? heading(name)
    : { ...(shown[role]?.() ?? { type: typeOf(role) }), look: id };
  const made = piece(`Look: ${name}`, [380, 220], {
    placement: role === 'overlay' ? { type: 'corner', width: 380 } : { type: 'inline', width: 420 },
    opening: [holding(role, element), ...(surface ? [words('What it contains.'), link('A button')] : [])],
  });
  return surface ? { ...made, document: { ...made.document, look: id } } : made;
}

/** An element within what it can't stand without. */
function holding(role: Look['role'], element: Sketch): Sketch {
  if (role === 'field' || role === 'amounts') return form([element]);
  return role === 'plan' ? { type: 'plans', inside: [element] } : element;
}

const typeOf = (role: Look['role']): Sketch['type'] =>
  role === 'title' ? 'text' : role === 'overlay' || role === 'panel' ? 'group' : (role as Sketch['type']);
