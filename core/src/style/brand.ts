import { valueAt } from '../base/maps/index.js';
import type { Language } from '../base/messages/index.js';
import type { Role } from './roles/index.js';
import type { StyleSheet } from './values.js';
import { px, srgb, type TokenTree } from './tokens.js';

/** A named, reusable style for one role. */
export interface Look {
  name: string;
  role: Role;
  style: StyleSheet;
  /** What it says of elements of other roles inside the one that has it, such as the fields of a form. */
  inside?: Partial<Record<Role, StyleSheet>>;
  /** Whether every element of its role takes it that chooses no other; one look of a role at most. */
  standard?: boolean;
}

/** The site's own design: its tokens, and the looks made of them. */
export interface Brand {
  tokens: TokenTree;
  looks: Record<string, Look>;
  /** The site's own typefaces, uploaded. */
  fonts: BrandFont[];
  logo?: BrandLogo;
  /** What the site's widgets are written in, where they do not say another. */
  language?: Language;
}

/** The site's own mark, an upload. */
export interface BrandLogo {
  /** `asset:` and the id of the upload. */
  src: string;
  alt: string;
  /** px */
  width: number;
  height: number;
}

/** One file of a typeface. */
export interface BrandFont {
  family: string;
  /** `asset:` and the id of the upload. */
  src: string;
  /** One weight such as `400`, or a range such as `100 900`. */
  weight: string;
  style: 'normal' | 'italic';
}

const colour = (hex: string) => ({ $value: srgb(hex) });
const size = (value: number) => ({ $value: px(value) });

/** The tokens every brand has. A site's own brand replaces values; the names are what roles and looks refer to. */
export const plainBrand: Brand = {
  tokens: {
    color: {
      $type: 'color',
      ground: colour('#ffffff'),
      soft: colour('#f1f3f4'),
      ink: colour('#1d2528'),
      quiet: colour('#5b666b'),
      line: colour('#c6cdd0'),
      accent: colour('#20566b'),
      'accent-strong': colour('#163f4f'),
      'on-accent': colour('#ffffff'),
      danger: colour('#a3152c'),
      veil: { $value: { colorSpace: 'srgb', components: [0.05, 0.07, 0.09], alpha: 0.55 } },
    },
    font: {
      $type: 'fontFamily',
      title: { $value: ['system-ui', 'sans-serif'] },
      text: { $value: ['system-ui', 'sans-serif'] },
    },
    size: {
      $type: 'dimension',
      small: size(14),
      text: size(16),
      large: size(19),
      title: size(26),
      display: size(34),
    },
    space: { $type: 'dimension', 1: size(4), 2: size(8), 3: size(12), 4: size(16), 5: size(24), 6: size(32) },
    radius: { $type: 'dimension', field: size(6), button: size(6), box: size(12) },
    duration: {
      $type: 'duration',
      quick: { $value: { value: 150, unit: 'ms' } },
      calm: { $value: { value: 350, unit: 'ms' } },
    },
    shadow: {
      $type: 'shadow',
      raised: { $value: '0 18px 48px -12px rgb(10 14 20 / 0.42)' },
    },
  },
  looks: {},
  fonts: [],
};

/** A site's brand laid over the plain one, so that every name a role refers to has a value. */
export function completeBrand(own: Partial<Brand> | null | undefined): Brand {
  return {
    tokens: mergeTokens(plainBrand.tokens, own?.tokens ?? {}),
    looks: { ...plainBrand.looks, ...own?.looks },
    fonts: own?.fonts ?? [],
    ...(own?.logo && { logo: own.logo }),
    ...(own?.language && { language: own.language }),
  };
}

/** Tokens laid over others: what both have comes from those above. */
export function mergeTokens(under: TokenTree, over: TokenTree): TokenTree {
  const merged: TokenTree = { ...under };
  for (const [name, value] of Object.entries(over)) {
    const below = valueAt(merged, name);
    const bothGroups = isGroup(below) && isGroup(value);
    merged[name] = bothGroups ? mergeTokens(below, value) : value;
  }
  return merged;
}

function isGroup(value: unknown): value is TokenTree {
  return typeof value === 'object' && value !== null && !Array.isArray(value) && !('$value' in value);
}
