import { createElement, type Element } from '../../document/elements/index.js';
import { createPlacement } from '../../document/placement/index.js';
import { plainBrand } from '../../style/index.js';
import { signup } from '../../testing/documents.js';
import { applyOperation, type Operation, type WidgetDocument } from '../../document/widget/index.js';
import { checkDocument, contrastOf } from './index.js';

const set = (document: WidgetDocument, path: string[], value: unknown) =>
  applyOperation(document, { type: 'set', path, value }).document;
const insert = (document: WidgetDocument, id: string, element: Element, parent = 'opening', at = 0) =>
  applyOperation(document, {
    type: 'insert',
    branch: { root: id, elements: { [id]: element } },
    parent,
    at,
  }).document;
const noticed = insert(
  signup(),
  'legal',
  { type: 'text', level: 0, content: [{ text: 'For this alone.' }], notice: true },
  'form',
  3,
);
const told = set(
  noticed,
  ['afterwards', 'actions'],
  [{ type: 'notify', recipients: ['a@b.example'], subject: 'x' }],
);
const link = (label: string): Element => ({
  ...createElement('button'),
  label,
  action: { type: 'link', address: '/x' },
});
const corner = createPlacement('corner') as Extract<WidgetDocument['placement'], { type: 'corner' }>;
const texts = (document: WidgetDocument) => checkDocument(document, plainBrand).map(({ text }) => text);

test('a sound widget has nothing to mend', () => {
  expect(texts(told)).toEqual([]);
});

test.each<[string, WidgetDocument, RegExp]>([
  ['nobody told', noticed, /Nobody is notified/],
  ...(
    [
      { type: 'tag', tag: 'reader' },
      { type: 'list', list: 'Letter' },
      { type: 'lead', stage: 'Asked', title: 'x' },
      { type: 'conversation' },
    ] as const
  ).map((action): [string, WidgetDocument, RegExp] => [
    `${action.type} without an address`,
    set(
      set(told, ['elements', 'email', 'kind'], 'text'),
      ['afterwards', 'actions'],
      [...told.afterwards.actions, action],
    ),
    /goes by the sender’s address, and the form has no e-mail field/,
  ]),
  ['no legal notice', set(told, ['elements', 'legal', 'notice'], undefined), /no privacy notice/],
  [
    'an image without words',
    insert(told, 'pic', { type: 'image', src: 'https://a.example/x.png', alt: '' }),
    /mark it as decorative/,
  ],
  ['an image not chosen', insert(told, 'pic', createElement('image')), /not chosen yet/],
  [
    'a video without words',
    insert(told, 'video', { type: 'video', src: 'https://a.example/x.mp4', alt: '' }),
    /no description/,
  ],
  [
    'an icon that leads somewhere',
    insert(told, 'star', { type: 'icon', name: 'star', link: '/x' }),
    /say where it goes/,
  ],
  [
    'a level left out',
    insert(told, 'sub', { type: 'text', level: 4, content: [{ text: 'Sub' }] }, 'opening', 1),
    /level 4 follows one of level 2/,
  ],
  ['a second loud button', insert(told, 'more', link('More')), /More: a second primary button beside Send/],
  ['no label', set(told, ['elements', 'email', 'label'], ' '), /no label/],
  ['a button without words', set(told, ['elements', 'send', 'label'], ''), /no text/],
  [
    'a button that leads nowhere',
    set(told, ['elements', 'send', 'action'], { type: 'link', address: '' }),
    /has no URL yet/,
  ],
  [
    'a form that can’t be sent',
    applyOperation(told, { type: 'remove', id: 'send' }).document,
    /no submit button/,
  ],
  ['an empty text', set(told, ['elements', 'words', 'content'], []), /A text is empty/],
  [
    'empty thanks',
    applyOperation(told, { type: 'remove', id: 'done' }).document,
    /thank-you message is empty/,
  ],
  [
    'no way to close',
    set(told, ['placement', 'closing'], { button: false, escape: false, backdrop: false }),
    /can’t close it/,
  ],
  [
    'a page that is not chosen',
    set(told, ['afterwards', 'visitor'], { type: 'page', address: '' }),
    /not chosen yet/,
  ],
  [
    'grey on grey',
    set(told, ['elements', 'title', 'style', 'box', 'base', 'color'], '#cccccc'),
    /contrast is 1\.6, and 3 is needed/,
  ],
  [
    'a faint input',
    set(told, ['elements', 'email', 'style', 'input', 'base', 'color'], '#dddddd'),
    /E-mail \(input\): contrast/,
  ],
])('%s is found', (_, document, expected) => {
  expect(texts(document)).toContainEqual(expect.stringMatching(expected));
});

test('each repair repairs', () => {
  let document = set(told, ['elements', 'title', 'style', 'box', 'base', 'color'], '#cccccc');
  document = set(document, ['elements', 'words', 'content'], []);
  document = set(document, ['placement', 'closing'], { button: false, escape: false, backdrop: false });
  document = set(document, ['elements', 'legal', 'notice'], undefined);
  document = insert(document, 'pic', { type: 'image', src: 'https://a.example/x.png', alt: '' });
  document = insert(document, 'sub', { type: 'text', level: 4, content: [{ text: 'Sub' }] }, 'opening', 2);
  document = insert(document, 'more', link('More'));
  const findings = checkDocument(document, plainBrand);
  expect(findings).toHaveLength(7);
  for (const { repair } of findings)
    if (repair) document = applyOperation(document, repair.operation).document;
  expect(texts(document)).toEqual([]);
});

describe('the edge of an input (WCAG 2.2, 1.4.11)', () => {
  const input = (base: object) => set(told, ['elements', 'email', 'style', 'input', 'base'], base);
  const faint = /^E-mail: the border of its input has a contrast of \d\.\d, and 3 is needed$/;

  test.each<[string, object]>([
    ['a pale border', { borderColor: '#dddddd' }],
    ['a dark border that hardly covers', { borderColor: '#00000022' }],
    ['no border around the ground itself', { borderWidth: 0 }],
    ['no border around a pale background', { borderWidth: 0, background: '#eeeeee' }],
    ['a border of no style', { borderStyle: 'none' }],
  ])('%s is found, and its repair lets it be seen', (_, base) => {
    const document = input({ radius: 3, ...base });
    const [finding] = checkDocument(document, plainBrand);
    expect(finding?.text).toMatch(faint);
    const { operation } = finding?.repair ?? {};
    const mended = applyOperation(document, operation as Operation).document;
    expect(texts(mended)).toEqual([]);
    expect(mended.elements['email']?.style?.['input']?.base).toMatchObject({ radius: 3 });
  });

  test.each<[string, object]>([
    ['a line below it', { borderWidth: [0, 0, 1, 0], background: 'transparent' }],
    ['a background that stands out alone', { borderWidth: 0, background: '#333333', color: '#ffffff' }],
    [
      'a pale border around what stands out',
      { borderColor: '#dddddd', background: '#333333', color: '#fff' },
    ],
  ])('%s is enough', (_, base) => {
    expect(texts(input(base))).toEqual([]);
  });

  test('it is told from what lies around the form, which may be a picture', () => {
    const dark = set(input({ borderColor: '#ffffff', background: 'transparent' }), ['style', 'overlay'], {
      box: { base: { background: '#101820' } },
    });
    const ofEdge = (document: WidgetDocument, images = new Map<string, string[]>()) =>
      checkDocument(document, plainBrand, { images }).filter(({ text }) => faint.test(text));
    expect(ofEdge(dark)).toEqual([]);
    const picture = set(dark, ['style', 'overlay', 'box', 'base', 'image'], 'https://a.example/sky.jpg');
    expect(ofEdge(picture, new Map([['https://a.example/sky.jpg', ['#101820', '#f4f4f4']]]))).toHaveLength(1);
  });

  test('choices have no input, and under a blend mode nothing can be measured', () => {
    const choice = { ...told.elements['email'], kind: 'choice', options: ['A', 'B'] };
    const document = set(input({ borderColor: '#dddddd' }), ['elements', 'email'], {
      ...choice,
      style: { input: { base: { borderColor: '#dddddd' } } },
    });
    expect(texts(document)).not.toContainEqual(expect.stringMatching(faint));
    const blended = set(input({ borderColor: '#dddddd' }), ['elements', 'form', 'style', 'box', 'base'], {
      blend: 'multiply',
    });
    expect(texts(blended)).not.toContainEqual(expect.stringMatching(faint));
  });
});

test('hidden elements are not checked', () => {
  const document = set(told, ['elements', 'title', 'style', 'box', 'base', 'color'], '#cccccc');
  expect(texts(set(document, ['elements', 'title', 'hidden'], true))).toEqual([]);
});

test('contrast is read against the background behind: the group’s, else the box’s', () => {
  const on = (document: WidgetDocument) => contrastOf(document, plainBrand, 'title', 'box').background;
  expect(on(told)).toBe('#ffffff');
  expect(on(set(told, ['style', 'overlay', 'box', 'base', 'background'], '#101010'))).toBe('#101010');
  const grouped = set(
    told,
    ['elements', 'opening', 'style', 'box', 'base', 'background'],
    'rgb(255 0 0 / 0.5)',
  );
  expect(on(grouped)).toBe('#ff8080');
});

test('the header of a price plan is what its pieces are read on, and colours nothing else', () => {
  const plan = (header: number): Element => ({
    ...(createElement('plan') as Extract<Element, { type: 'plan' }>),
    order: ['title', 'amount', 'badge', 'icon', 'subtitle', 'features', 'button'],
    header,
    style: { header: { base: { background: '#101010', color: '#ff0000' } } },
  });
  const plans = insert(told, 'plans', createElement('plans'));
  const on = (header: number, part: string) =>
    contrastOf(insert(plans, 'plan', plan(header), 'plans'), plainBrand, 'plan', part);
  expect(on(1, 'title').background).toBe('#101010');
  expect(on(1, 'title').colour).not.toBe('#ff0000');
  expect(on(1, 'amount').background).toBe('#ffffff');
  expect(on(2, 'amount').background).toBe('#101010');
  expect(on(0, 'title').background).toBe('#ffffff');
});

test('under a blend mode contrast is said not to be measured, and normal blending lets it be', () => {
  const grey = set(told, ['elements', 'title', 'style', 'box', 'base', 'color'], '#cccccc');
  const texts = (document: WidgetDocument) => checkDocument(document, plainBrand).map(({ text }) => text);
  expect(texts(grey)).toEqual([expect.stringMatching(/^Sign up: contrast is 1\.6/)]);
  for (const [path, title, id] of [
    [['elements', 'title', 'style', 'box', 'base', 'blend'], 'Sign up', 'title'],
    [['elements', 'opening', 'style', 'box', 'base', 'blend'], 'Column', 'opening'],
    [['style', 'overlay', 'box', 'base', 'blend'], 'The widget', null],
  ] as const) {
    const blended = set(grey, [...path], 'multiply');
    const [finding] = checkDocument(blended, plainBrand);
    expect(finding).toMatchObject({ element: id });
    expect(finding?.text).toBe(
      `${title}: a blend mode changes the colours of its text; contrast can’t be measured`,
    );
    expect(texts(blended)).not.toContainEqual(expect.stringMatching(/^Sign up: contrast/));
    const mended = applyOperation(blended, finding?.repair?.operation as Operation).document;
    expect(texts(mended)).toEqual([expect.stringMatching(/^Sign up: contrast/)]);
  }
});

test('what only a drawn widget tells is told with its repair', () => {
  const drawn = { small: [{ element: 'send', width: 60, height: 20 }], wide: ['title'] };
  const findings = checkDocument(told, plainBrand, { drawn });
  expect(findings.map(({ text }) => text)).toEqual([
    'Send: 60 × 20 px is too small to tap; the minimum is 24 px',
    'Sign up: too wide for a window of 320 px',
  ]);
  let document = told;
  for (const { repair } of findings)
    if (repair) document = applyOperation(document, repair.operation).document;
  expect(document.elements['send']?.style).toEqual({ box: { base: { minHeight: 44 } } });
  expect(document.elements['title']?.style).toEqual({
    box: { small: { minWidth: 0, maxWidth: '100%', fontSize: '{size.large}' } },
  });
});

test('a notice is added under a free id', () => {
  let document = set(told, ['elements', 'legal', 'notice'], undefined);
  document = insert(document, 'notice', { type: 'badge', words: 'New' });
  const [finding] = checkDocument(document, plainBrand);
  expect(finding?.repair?.operation).toMatchObject({ branch: { root: 'notice2' }, parent: 'form', at: 4 });
});

describe('contrast over what is not plain', () => {
  const worst = (style: object, images?: Map<string, string[]>) =>
    contrastOf(
      set(told, ['style', 'overlay', 'box', 'base'], style),
      plainBrand,
      'title',
      'box',
      { screen: null, state: null },
      images,
    );

  it('of a gradient the worst of its colours counts', () => {
    const reading = worst({ gradient: 'linear-gradient(90deg, #ffffff, #1d2528)', color: '#1d2528' });
    expect(reading.background).toBe('#1d2528');
    expect(reading.ratio).toBeCloseTo(1, 1);
    expect(reading.repair).toMatch(/^#/);
  });

  it('of an image the worst sampled colour counts, the less the weaker it is', () => {
    const image = 'https://a.example/x.png';
    const images = new Map([[image, ['#eeeeee', '#101010']]]);
    const at = (imageOpacity: number) => worst({ image, imageOpacity, background: '#ffffff' }, images).ratio;
    expect(at(1)).toBeLessThan(1.5);
    expect(at(0.3)).toBeGreaterThan(at(0.6));
    expect(worst({ image, background: '#ffffff' }).ratio).toBeGreaterThan(10);
  });

  it('a repair over a background of two colours is readable on both, where one is', () => {
    const reading = worst({ gradient: 'linear-gradient(90deg, #000000, #555555)', color: '#444444' });
    expect(reading.repair).not.toBe('#444444');
    expect(
      worst({ gradient: 'linear-gradient(90deg, #000000, #555555)', color: reading.repair }).ratio,
    ).toBeGreaterThan(3);
  });
});

test.each<[string, Partial<WidgetDocument>, number, string | null]>([
  ['half of it by a corner box', {}, 0.5, null],
  ['more than half by a corner box', {}, 0.64, 'Show as bottom sheet'],
  ['a sheet all the same', { placement: { ...corner, sheet: true } }, 0.64, 'Let it'],
  ['what is meant to', { placement: { ...corner, coversPhone: true } }, 0.64, null],
  [
    'what is opened by hand',
    { behaviour: { ...signup().behaviour, triggers: { any: [{ type: 'asked' }] } } },
    0.64,
    null,
  ],
  ['a side panel', { placement: { ...createPlacement('side') } }, 0.9, 'Show as bottom sheet'],
  ['what stands in the centre', { placement: { ...createPlacement('centre') } }, 0.9, 'Let it'],
  ['a bar', { placement: { ...createPlacement('bar') } }, 0.1, null],
  ['what is part of the page', { placement: { ...createPlacement('inline') } }, 0.9, null],
])('on a phone: %s covers so much', (_, changes, covers, repair) => {
  const document = { ...told, placement: corner, ...changes } as WidgetDocument;
  const found = checkDocument(document, plainBrand, { drawn: { small: [], wide: [], covers } });
  expect(found.find(({ text }) => text.startsWith('It covers'))?.repair?.label ?? null).toBe(repair);
});

describe('what ends by itself', () => {
  const counted = (more: object) =>
    insert(told, 'clock', { ...createElement('countdown'), ...more } as Element);
  const says = (document: WidgetDocument, more: Parameters<typeof checkDocument>[2] = {}) =>
    checkDocument(document, plainBrand, more).map(({ text }) => text);

  test.each<[string, object, boolean, boolean]>([
    ['a date', {}, true, true],
    ['a time of the visitor’s own', { goal: 'own', lasts: 20 }, false, true],
    ['a date that comes again', { goal: 'repeat', rule: 'FREQ=WEEKLY' }, false, false],
    ['a date, and the widget is hidden then', { end: 'hide' }, true, false],
  ])('%s', (_, more, isOver, showsNothing) => {
    const found = says(counted(more), { now: Date.parse('2040-01-01') });
    expect(found.some((text) => text.endsWith('the countdown has ended'))).toBe(isOver);
    expect(found.some((text) => text.endsWith('nothing is shown when it ends'))).toBe(showsNothing);
  });

  const opens = counted({ end: 'widget', endTo: 'sky-letter' });
  test.each<[string, { slug: string; opens?: string[] }[], string | null]>([
    ['nothing opens it again', [{ slug: 'sky-letter' }], null],
    [
      'the other opens it again',
      [{ slug: 'sky-letter', opens: ['offer'] }],
      'At its end it opens “Sky letter”, which opens this one again; each opens once a page',
    ],
    [
      'the second after it does',
      [
        { slug: 'sky-letter', opens: ['night', 'moon'] },
        { slug: 'moon', opens: ['night'] },
        { slug: 'night', opens: ['sky-letter', 'offer'] },
      ],
      'At its end it opens “Sky letter”, which opens “Night”, which opens this one again; each opens once a page',
    ],
    [
      'others open each other, and not it',
      [
        { slug: 'sky-letter', opens: ['moon'] },
        { slug: 'moon', opens: ['sky-letter'] },
      ],
      null,
    ],
  ])('opening one another: %s', (_, others, text) => {
    const found = says(opens, { among: { slug: 'offer', others } });
    expect(found.find((one) => one.startsWith('At its end')) ?? null).toBe(text);
  });

  test('what opens itself says so', () => {
    const itself = counted({ end: 'widget', endTo: 'offer' });
    expect(says(itself, { among: { slug: 'offer', others: [] } })).toContain(
      'At its end it opens itself; each visitor sees that once a page',
    );
    expect(says(itself).some((text) => text.startsWith('At its end'))).toBe(false);
  });
});

test('a teaser that is to remain has to be there, or nothing remains', () => {
  const closing = { button: true, escape: true, backdrop: true, teaser: 'left' as const };
  const document = { ...told, placement: { ...createPlacement('centre'), closing } } as WidgetDocument;
  const missing = (of: WidgetDocument) =>
    checkDocument(of, plainBrand).find(({ text }) => text.startsWith('Its teaser'));
  const { repair } = missing(document) as { repair: { operation: Operation } };
  expect(missing(applyOperation(document, repair.operation).document)).toBeUndefined();
  const drawn = { ...document, scenes: { ...document.scenes, teaser: { root: 'opening' } } };
  expect(missing(drawn)).toBeUndefined();
});
