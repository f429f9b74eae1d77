import { roleStyles, type Role } from '@sirene/core/style';

/** Properties that the inspector offers together for one part of a role; what is rarely used stands folded. */
export interface StyleGroup {
  title: string;
  part: string;
  properties: readonly string[];
  rare: readonly string[];
}

type Offer = Pick<StyleGroup, 'properties' | 'rare'>;

const surface: Offer = {
  properties: ['background', 'padding', 'radius', 'borderColor', 'borderWidth'],
  rare: [
    'gradient',
    'image',
    'imageFit',
    'imagePosition',
    'imageOpacity',
    'shadow',
    'opacity',
    'borderStyle',
    'edge',
    'blend',
    'backdropBlur',
    'transition',
  ],
};

const type: Offer = {
  properties: ['color', 'fontSize', 'fontWeight', 'align'],
  rare: [
    'font',
    'lineHeight',
    'letterSpacing',
    'letterCase',
    'fontStyle',
    'decoration',
    'textShadow',
    'linkColor',
  ],
};

const measures: Offer = {
  properties: ['width', 'margin', 'shown'],
  rare: ['minWidth', 'maxWidth', 'height', 'minHeight', 'maxHeight', 'self', 'share'],
};

const flow: Offer = {
  properties: ['gap', 'flow', 'columns', 'across', 'along'],
  rare: ['rowGap', 'columnGap'],
};

const choiceFlow: Offer = {
  properties: ['choiceFlow', 'columns', 'gap'],
  rare: ['rowGap', 'columnGap'],
};

const words: Offer = {
  properties: ['color', 'fontSize', 'fontWeight'],
  rare: [...type.rare, 'align', 'background', 'padding', 'radius', 'margin'],
};

const pressed: Offer = {
  properties: ['background', 'color', 'padding', 'radius', 'borderColor', 'borderWidth'],
  rare: ['fontSize', 'fontWeight', 'font', 'letterSpacing', 'letterCase', ...surface.rare],
};

const drawn: Offer = {
  properties: ['color', 'width'],
  rare: ['background', 'padding', 'radius', 'opacity', 'margin'],
};

const tick: Offer = {
  properties: ['width', 'background', 'fill', 'borderColor', 'borderWidth', 'radius'],
  rare: ['shadow', 'transition'],
};

const framed: Offer = {
  properties: ['fit', 'focus', 'radius', 'borderColor', 'borderWidth'],
  rare: ['edge', 'opacity', 'blend', 'shadow', 'background', 'padding', 'transition'],
};

const picture: Offer = { properties: ['width', 'radius', 'borderColor', 'borderWidth'], rare: ['shadow'] };

const background: Offer = {
  properties: ['background', 'image', 'imageFit', 'imagePosition', 'imageOpacity', 'backdropBlur'],
  rare: ['gradient', 'opacity'],
};

function group(title: string, part: string, ...offers: Offer[]): StyleGroup {
  const properties = new Set(offers.flatMap((offer) => offer.properties));
  const rare = new Set(offers.flatMap((offer) => offer.rare).filter((name) => !properties.has(name)));
  return { title, part, properties: [...properties], rare: [...rare] };
}

const asBox = (part = 'box'): StyleGroup[] => [
  group('Surface', part, surface),
  group('Size and position', part, measures),
];

const asText = (part = 'box'): StyleGroup[] => [group('Text', part, type), ...asBox(part)];

// Where the box stands is the placement's; how large it is and how far from the edge differs by screen.
const box: StyleGroup[] = [
  group('Size and offset', 'box', {
    properties: ['width', 'height', 'offsetX', 'offsetY'],
    rare: ['minWidth', 'maxWidth', 'minHeight', 'maxHeight'],
  }),
  group('Surface', 'box', surface),
  group('Text', 'box', type),
];

const regionText: Offer = { properties: ['color', 'fontSize', 'align'], rare: type.rare };
const region = (title: string, part: string): StyleGroup => group(title, part, surface, regionText);

// The body's padding is that of the box: it is what lies between the edge and what stands in it.
const regions: StyleGroup[] = [
  region('Header', 'header'),
  group('Body', 'body', background, regionText),
  region('Footer', 'footer'),
];

/** What can be styled of each role, in the order in which people ask for it. */
export const styleGroups: Record<Role, readonly StyleGroup[]> = {
  overlay: [
    ...box,
    group('Backdrop', 'backdrop', background),
    group('Close button', 'close', {
      properties: ['color', 'fontSize', 'background', 'radius'],
      rare: ['margin', 'padding', 'borderColor', 'borderWidth', 'opacity', 'transition'],
    }),
    group('Launcher', 'launcher', pressed),
    ...regions,
  ],
  panel: [...box, ...regions],
  text: asText(),
  title: asText(),
  group: [group('Layout', 'box', flow), ...asBox()],
  button: [
    group('Surface', 'box', surface),
    group('Text', 'box', type),
    group('Second line', 'note', words),
    group('Icon', 'icon', drawn),
    group('Size and position', 'box', measures),
  ],
  form: [group('Layout', 'box', flow), ...asBox()],
  field: [
    group('Label', 'label', {
      ...words,
      rare: [...words.rare, 'borderColor', 'borderWidth', 'borderStyle', 'shadow'],
    }),
    group('Label position', 'box', { properties: ['labelAt', 'gap'], rare: [] }),
    group('Input', 'input', { ...pressed, properties: [...pressed.properties, 'fontSize'] }),
    group('Placeholder', 'placeholder', {
      properties: ['color', 'opacity', 'fontSize'],
      rare: ['fontWeight', 'fontStyle', 'letterCase'],
    }),
    group('Options', 'choices', choiceFlow),
    group('Option', 'choice', { ...pressed, properties: [...pressed.properties, 'gap'] }),
    group('Radio button and checkbox', 'mark', tick),
    group('Radio button only', 'radio', tick),
    group('Checkbox only', 'checkbox', tick),
    group('Hint', 'hint', words),
    group('Error', 'error', words),
    group('Size and position', 'box', measures),
  ],
  image: [
    group('Image', 'box', framed),
    group('Caption', 'caption', words),
    group('Size and position', 'box', measures),
  ],
  video: [group('Video', 'box', framed), group('Size and position', 'box', measures)],
  icon: [
    group('Mark', 'mark', drawn),
    group('Background', 'box', surface),
    group('Size and position', 'box', measures),
  ],
  divider: [
    group('Line', 'box', {
      properties: ['borderColor', 'borderWidth', 'borderStyle', 'color', 'fontSize'],
      rare: [],
    }),
    group('Size and position', 'box', measures),
  ],
  spacer: [group('Size', 'box', { properties: ['height', 'width', 'shown'], rare: [] })],
  list: [
    group('List', 'box', { properties: ['gap', 'color', 'fontSize', 'lineHeight'], rare: [...type.rare] }),
    group('Mark', 'mark', drawn),
    group('Line', 'item', surface),
    group('Alternate items', 'even', surface),
    group('Size and position', 'box', measures),
  ],
  badge: asText(),
  rating: [
    group('Text', 'box', type),
    group('Star', 'mark', drawn),
    group('Size and position', 'box', measures),
  ],
  map: [
    group('Card', 'box', surface),
    group('Text', 'words', words),
    group('Pin', 'pin', drawn),
    group('Size and position', 'box', measures),
  ],
  html: asText(),
  plans: [group('Layout', 'box', { properties: ['gap', 'columns'], rare: [] }), ...asBox()],
  plan: [
    group('Card', 'box', surface),
    group('Header', 'header', surface),
    group('Name', 'title', words),
    group('Subtitle', 'subtitle', words),
    group('Price', 'amount', words),
    group('Original price', 'old', words),
    group('Period', 'period', words),
    group('Features', 'features', { properties: ['gap', 'color', 'fontSize'], rare: [...type.rare] }),
    group('Feature', 'feature', surface),
    group('Alternate features', 'even', surface),
    group('List marker', 'mark', drawn),
    group('Button', 'button', pressed),
    group('Badge', 'badge', words),
    group('Icon', 'icon', drawn),
  ],
  links: [
    group('Strip', 'box', {
      properties: ['gap', 'along', 'background', 'padding', 'radius'],
      rare: surface.rare,
    }),
    group('Link', 'link', { ...words, rare: [...words.rare, 'transition'] }),
    group('Icon', 'icon', drawn),
    group('Count', 'count', words),
    group('Divider', 'divider', { properties: ['background', 'height', 'width'], rare: [] }),
  ],
  basket: [
    group('Items', 'line', surface),
    group('Image', 'picture', picture),
    group('Name', 'name', words),
    group('Price', 'price', words),
    group('Quantity buttons', 'quantity', pressed),
    group('Remove button', 'remove', pressed),
    group('Subtotal', 'total', words),
    group('Button', 'button', pressed),
    group('Layout', 'box', { properties: ['gap'], rare: [] }),
  ],
  countdown: [
    group('Unit', 'unit', surface),
    group('Number', 'number', words),
    group('Label', 'label', words),
    group('Layout', 'box', { properties: ['gap', 'along', 'margin'], rare: [] }),
  ],
  amounts: [
    group('Price', 'amount', surface),
    group('Value', 'value', words),
    group('Text', 'words', words),
    group('Layout', 'box', { properties: ['gap', 'margin'], rare: [] }),
  ],
};

/**
 * Which groups a role has for the parts that are there.
 *
 * @param without properties of the box that are left out
 */
export function groupsOf(
  role: Role,
  parts: readonly string[],
  without: ReadonlySet<string> = new Set(),
): readonly StyleGroup[] {
  const there = styleGroups[role].filter(({ part }) => parts.includes(part));
  if (without.size === 0) return there;
  const left = (names: readonly string[]) => names.filter((name) => !without.has(name));
  return there.map((one) =>
    one.part === 'box' ? { ...one, properties: left(one.properties), rare: left(one.rare) } : one,
  );
}

/** All parts of a role. */
export const partsOf = (role: Role): string[] => Object.keys(roleStyles[role]);
