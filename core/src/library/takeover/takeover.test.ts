import { validateDocument } from '../../document/widget/index.js';
import { takeForms, widgetOfForm, type TakenForm } from './index.js';

const one = (html: string): TakenForm => (takeForms(html) ?? [])[0] as TakenForm;
const field = (control: string) => one(`<form>${control}</form>`)?.fields[0];

const page = `<main>
  <form id="search"><input type="hidden" name="csrf" value="x"><button>Go</button></form>
  <form aria-label="Book a visit">
    <input type="hidden" name="csrf_token" value="abc"><input type="hidden" name="campaign" value="spring">
    <label for="n">Your name *</label><input id="n" name="visitor[fullName]" autocomplete="name" required>
    <label>E-mail: <input type="email" name="mail" placeholder="you@example.com" required></label>
    <label>Phone <input type="tel" name="phone" pattern="[0-9 +]{5,20}"></label>
    <label>How many? <input type="number" name="count" min="1" max="40" value="2"></label>
    <fieldset><legend>Which evening?</legend>
      <label><input type="radio" name="day" value="fr" checked> Friday</label>
      <label><input type="radio" name="day" value="sa" required> Saturday</label></fieldset>
    <fieldset><legend>Interests</legend>
      <label><input type="checkbox" name="likes[]" value="m"> Moon</label>
      <label><input type="checkbox" name="likes[]" value="p"> Planets</label></fieldset>
    <label>Country <select name="country"><option value="">Choose</option><option value="a">Austria</option>
      <optgroup label="Islands"><option value="i" selected>Iceland</option></optgroup></select></label>
    <label>Message <textarea name="message" minlength="10" maxlength="500">Hello</textarea></label>
    <label>Slip <input type="file" name="slip" accept="application/pdf,image/*" multiple></label>
    <label>Colour <input type="color" name="colour"></label>
    <label><input type="checkbox" name="ok" required> I agree to the terms</label>
    <button type="reset">Start again</button><input type="reset"><button type="submit">Ask for <b>a date</b></button>
  </form></main>`;

test('a form of a page is taken with its labels, types, options and rules; what can’t be is told', () => {
  const forms = takeForms(page) ?? [];
  expect(forms).toHaveLength(1);
  const [{ title, button, left, fields }] = forms as [TakenForm];
  expect([title, button]).toEqual(['Book a visit', 'Ask for a date']);
  expect(left).toEqual(['“csrf_token” (hidden, made by the page)', '“Colour” (color)']);
  expect(fields).toMatchObject([
    { type: 'hidden-field', key: 'campaign', source: 'text', value: 'spring' },
    { kind: 'name', key: 'visitor_full_name', label: 'Your name', required: true },
    { kind: 'email', key: 'mail', label: 'E-mail', required: true, placeholder: 'you@example.com' },
    { kind: 'phone', key: 'phone', required: false, pattern: '[0-9 +]{5,20}' },
    { kind: 'number', key: 'count', min: '1', max: '40', initial: '2' },
    {
      kind: 'choice',
      key: 'day',
      label: 'Which evening?',
      required: true,
      options: ['Friday', 'Saturday'],
      initial: 'Friday',
    },
    { kind: 'choices', key: 'likes', label: 'Interests', options: ['Moon', 'Planets'] },
    { kind: 'select', key: 'country', label: 'Country', options: ['Austria', 'Iceland'], initial: 'Iceland' },
    { kind: 'long-text', key: 'message', min: '10', max: '500' },
    { type: 'file-field', key: 'slip', types: ['pictures', 'pdf'], most: 5 },
    { kind: 'consent', key: 'ok', options: ['I agree to the terms'], required: true },
  ]);
});

test('what was taken is a widget that can be published', () => {
  for (const kind of ['popup', 'form', 'cta'] as const) {
    const document = widgetOfForm(one(page), 'Visit', kind);
    const checked = validateDocument(JSON.parse(JSON.stringify(document)));
    expect(checked.ok ? [] : checked.problems).toEqual([]);
  }
});

test.each([
  ['<input name="email" autocomplete="email">', { kind: 'email' }],
  ['<input name="name">', { kind: 'name', label: 'Name' }],
  [
    '<input name="firstName" autocomplete="given-name">',
    { kind: 'text', label: 'First name', key: 'first_name' },
  ],
  ['<input type="nonsense" name="x">', { kind: 'text' }],
  ['<input name="a" pattern="(">', { kind: 'text' }],
  ['<input type="date" name="d" min="2027-02-01" max="2027-01-01">', { kind: 'date' }],
  ['<input name="überraschung">', { key: 'uberraschung' }],
  ['<input name="123">', { key: 'question' }],
  ['<input aria-label="Wish" name="w">', { label: 'Wish' }],
  ['<input name="t" title="As on your card" placeholder="Card">', { label: 'Card', hint: 'As on your card' }],
  [
    '<select name="s" multiple><option>A<option>A<option>B</select>',
    { kind: 'choices', options: ['A', 'B'] },
  ],
  ['<input type="checkbox" name="news"> News', { kind: 'consent' }],
  ['<input type="password" name="p" value="secret">', { kind: 'password' }],
])('%s', (control, expected) => {
  const taken = field(control);
  expect(taken).toMatchObject(expected);
  for (const missing of ['pattern', 'min', 'max', 'initial'])
    if (!(missing in expected)) expect(taken).not.toHaveProperty(missing);
  const checked = validateDocument(
    JSON.parse(JSON.stringify(widgetOfForm(one(`<form>${control}</form>`), 'X', 'popup'))),
  );
  expect(checked.ok ? [] : checked.problems).toEqual([]);
});

test('controls of one name each have a key of their own; a page without a form around them is one form', () => {
  const { fields } = one('<input name="a"><input name="a"><input name="a">');
  expect(fields.map(({ key }) => key)).toEqual(['a', 'a_2', 'a_3']);
  expect(takeForms('<p>Nothing here</p>')).toEqual([]);
});

test('markup without end is not read', () => {
  expect(takeForms('<input>'.repeat(70_000))).toBeNull();
  expect(takeForms('<div>'.repeat(300))).toBeNull();
});
