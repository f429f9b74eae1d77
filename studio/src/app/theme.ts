import { createSystem, defaultConfig, defineConfig } from '@chakra-ui/react';

const pair = (light: string, dark: string) => ({ value: { _light: light, _dark: dark } });
const solid = (name: string) => ({
  solid: { value: `{colors.${name}}` },
  contrast: pair('#ffffff', '#0f191f'),
  fg: { value: `{colors.${name}}` },
  muted: { value: `{colors.line}` },
  subtle: { value: `{colors.wash}` },
  emphasized: { value: `{colors.line}` },
  focusRing: { value: '{colors.deep}' },
});

// What can be filled in or switched is seen by its edge (WCAG 2.2, 1.4.11): a rule's colour would be too pale for it.
const edged = { variants: { variant: { outline: { borderColor: 'edge' } } } };

const config = defineConfig({
  globalCss: {
    'html, body, #root': { height: '100%' },
    html: { bg: 'paper' },
    body: {
      bg: 'paper',
      color: 'ink',
      fontSize: '14px',
      lineHeight: 1.45,
      fontVariantNumeric: 'tabular-nums',
    },
    'code, pre, textarea': { fontVariantLigatures: 'none' },
    '*:focus-visible': { outline: '2px solid {colors.deep}', outlineOffset: '2px' },
    '*, *::before, *::after': {
      '@media (prefers-reduced-motion: reduce)': {
        animationDuration: '0s !important',
        transitionDuration: '0s !important',
      },
    },
  },
  theme: {
    recipes: {
      kbd: { base: { wordSpacing: 'normal' } },
      input: edged,
      textarea: edged,
      button: {
        variants: {
          variant: {
            // Darker under the pointer: lighter, its text would no longer stand out enough (WCAG 2.2, 1.4.3).
            solid: {
              _hover: { bg: 'colorPalette.solid', filter: 'brightness(0.9)' },
              _expanded: { bg: 'colorPalette.solid', filter: 'brightness(0.9)' },
            },
          },
        },
      },
    },
    slotRecipes: {
      nativeSelect: { slots: [], variants: { variant: { outline: { field: { borderColor: 'edge' } } } } },
      combobox: { slots: [], variants: { variant: { outline: { input: { borderColor: 'edge' } } } } },
      tagsInput: { slots: [], variants: { variant: { outline: { control: { borderColor: 'edge' } } } } },
      switch: { slots: [], variants: { variant: { solid: { control: { bg: 'edge' } } } } },
    },
    tokens: {
      fonts: {
        body: { value: "'Instrument Sans Variable', system-ui, sans-serif" },
        heading: { value: "'Instrument Sans Variable', system-ui, sans-serif" },
        title: { value: "'Bricolage Grotesque', system-ui, sans-serif" },
        mono: { value: "'JetBrains Mono Variable', ui-monospace, monospace" },
      },
      radii: { xs: { value: '3px' }, sm: { value: '4px' }, md: { value: '6px' }, lg: { value: '6px' } },
    },
    semanticTokens: {
      colors: {
        paper: pair('#F6F3EC', '#101A20'),
        sheet: pair('#FFFFFF', '#17242C'),
        wash: pair('#EFEBE1', '#1D2C35'),
        ink: pair('#16242C', '#EEF1EE'),
        slate: pair('#50616B', '#A9B8BF'),
        line: pair('#DAD5C8', '#33454F'),
        edge: pair('#8A8575', '#6B7F8A'),
        flare: pair('#C2401C', '#F0744C'),
        deep: pair('#0E6470', '#5CC0CC'),
        kelp: pair('#356E45', '#7CC08F'),
        brass: pair('#8A6212', '#DDB35A'),
        wine: pair('#9B1C31', '#F07F90'),
        bg: {
          DEFAULT: { value: '{colors.sheet}' },
          panel: { value: '{colors.sheet}' },
          subtle: { value: '{colors.wash}' },
          muted: { value: '{colors.wash}' },
          emphasized: { value: '{colors.line}' },
        },
        fg: {
          DEFAULT: { value: '{colors.ink}' },
          muted: { value: '{colors.slate}' },
          subtle: { value: '{colors.slate}' },
          error: { value: '{colors.wine}' },
        },
        border: {
          error: { value: '{colors.wine}' },
          DEFAULT: { value: '{colors.line}' },
          muted: { value: '{colors.line}' },
          subtle: { value: '{colors.line}' },
          emphasized: { value: '{colors.edge}' },
        },
        signal: solid('flare'),
        plain: {
          solid: { value: '{colors.ink}' },
          contrast: pair('#ffffff', '#0f191f'),
          fg: { value: '{colors.ink}' },
          muted: { value: '{colors.wash}' },
          subtle: { value: '{colors.wash}' },
          emphasized: { value: '{colors.line}' },
          // Of outlined buttons: on dark ground a paler one is not seen.
          border: { value: '{colors.line}' },
          focusRing: { value: '{colors.deep}' },
        },
        danger: solid('wine'),
      },
      radii: { l1: { value: '4px' }, l2: { value: '6px' }, l3: { value: '6px' } },
    },
  },
});

/** The studio's face: paper, ink, thin lines, and one hot signal colour. */
export const system = createSystem(defaultConfig, config);
