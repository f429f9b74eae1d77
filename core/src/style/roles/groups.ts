import type { StyleGroup } from './role.js';

/** Properties that are offered together. */
type Offer = Pick<StyleGroup, 'properties' | 'rare'>;

export const surface: Offer = {
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

export const typography: Offer = {
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

export const measures: Offer = {
  properties: ['width', 'margin', 'shown'],
  rare: ['minWidth', 'maxWidth', 'height', 'minHeight', 'maxHeight', 'self', 'share'],
};

export const flow: Offer = {
  properties: ['gap', 'flow', 'columns', 'across', 'along'],
  rare: ['rowGap', 'columnGap'],
};

export const choiceFlow: Offer = {
  properties: ['choiceFlow', 'columns', 'gap'],
  rare: ['rowGap', 'columnGap'],
};

export const wording: Offer = {
  properties: ['color', 'fontSize', 'fontWeight'],
  rare: [...typography.rare, 'align', 'background', 'padding', 'radius', 'margin'],
};

export const pressed: Offer = {
  properties: ['background', 'color', 'padding', 'radius', 'borderColor', 'borderWidth'],
  rare: ['fontSize', 'fontWeight', 'font', 'letterSpacing', 'letterCase', ...surface.rare],
};

export const drawn: Offer = {
  properties: ['color', 'width'],
  rare: ['background', 'padding', 'radius', 'opacity', 'margin'],
};

export const tick: Offer = {
  properties: ['width', 'background', 'fill', 'borderColor', 'borderWidth', 'radius'],
  rare: ['shadow', 'transition'],
};

export const framed: Offer = {
  properties: ['fit', 'focus', 'radius', 'borderColor', 'borderWidth'],
  rare: ['edge', 'opacity', 'blend', 'shadow', 'background', 'padding', 'transition'],
};

export const thumbnail: Offer = {
  properties: ['width', 'radius', 'borderColor', 'borderWidth'],
  rare: ['shadow'],
};

export const background: Offer = {
  properties: ['background', 'image', 'imageFit', 'imagePosition', 'imageOpacity', 'backdropBlur'],
  rare: ['gradient', 'opacity'],
};

/** Properties of one part under one title, from offers; what one offers openly is not rare in another. */
export function styleGroup(title: string, part: string, ...offers: Offer[]): StyleGroup {
  const properties = new Set(offers.flatMap((offer) => offer.properties));
  const rare = new Set(offers.flatMap((offer) => offer.rare).filter((name) => !properties.has(name)));
  return { title, part, properties: [...properties], rare: [...rare] };
}

/** What any box can be given: surface, size and position. */
export const asBox = (part = 'box'): StyleGroup[] => [
  styleGroup('Surface', part, surface),
  styleGroup('Size and position', part, measures),
];

/** What any text in a box can be given. */
export const asText = (part = 'box'): StyleGroup[] => [styleGroup('Text', part, typography), ...asBox(part)];

// Where the box stands is the placement's; how large it is and how far from the edge differs by screen.
export const boxGroups: StyleGroup[] = [
  styleGroup('Size and offset', 'box', {
    properties: ['width', 'height', 'offsetX', 'offsetY'],
    rare: ['minWidth', 'maxWidth', 'minHeight', 'maxHeight'],
  }),
  styleGroup('Surface', 'box', surface),
  styleGroup('Text', 'box', typography),
];

const regionText: Offer = { properties: ['color', 'fontSize', 'align'], rare: typography.rare };
const region = (title: string, part: string): StyleGroup => styleGroup(title, part, surface, regionText);

// The body's padding is that of the box: it is what lies between the edge and what stands in it.
export const regionGroups: StyleGroup[] = [
  region('Header', 'header'),
  styleGroup('Body', 'body', background, regionText),
  region('Footer', 'footer'),
];
