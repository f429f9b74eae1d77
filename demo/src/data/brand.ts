import { srgb, type Brand } from '@sirene/core/style';

/** A colour as a design token. */
export const colour = (hex: string) => ({ $value: srgb(hex) });
const px = (value: number) => ({ $value: { value, unit: 'px' as const } });

/** Night indigo, lamp amber, a serif for titles. */
export const brand: Partial<Brand> = {
  tokens: {
    color: {
      $type: 'color',
      ground: colour('#ffffff'),
      soft: colour('#ebe8f5'),
      ink: colour('#22223b'),
      quiet: colour('#5a5a78'),
      line: colour('#c9c4dc'),
      accent: colour('#3d3f9e'),
      'accent-strong': colour('#2a2c6b'),
      'on-accent': colour('#ffffff'),
      night: colour('#171a48'),
      deep: colour('#0d0e2e'),
      lamp: colour('#ffb547'),
      moonlight: colour('#dfe0fb'),
      danger: colour('#a8203a'),
      veil: { $value: { colorSpace: 'srgb', components: [0.05, 0.055, 0.18], alpha: 0.6 } },
    },
    font: {
      $type: 'fontFamily',
      title: { $value: ['Fraunces', 'Georgia', 'serif'] },
      text: { $value: ['Figtree', 'system-ui', 'sans-serif'] },
    },
    radius: { $type: 'dimension', field: px(8), button: px(22), box: px(14) },
  },
  looks: {
    lamplight: {
      name: 'Lamplight',
      role: 'button',
      style: {
        box: {
          base: { background: '{color.lamp}', color: '{color.deep}' },
          hover: { background: '#ffc76d' },
        },
      },
    },
    night: {
      name: 'Night',
      role: 'panel',
      style: {
        box: {
          base: {
            background: '{color.night}',
            gradient: 'linear-gradient(160deg, {color.night}, {color.deep})',
            color: '{color.moonlight}',
          },
        },
      },
      inside: { icon: { mark: { base: { color: '{color.lamp}' } } } },
    },
    'last-day': {
      name: 'Last day',
      role: 'countdown',
      style: {
        box: { base: { background: '{color.lamp}', radius: 6, padding: [4, 12, 4, 12] } },
        number: { base: { color: '{color.deep}' } },
        label: { base: { color: '{color.deep}' } },
      },
    },
    'quiet-form': {
      name: 'Quiet form',
      role: 'form',
      style: {},
      inside: {
        field: {
          input: { base: { borderWidth: [0, 0, 1, 0], radius: 0, background: 'transparent' } },
        },
      },
    },
  },
  logo: { src: 'asset:@mark', alt: 'Larkmoor Observatory', width: 320, height: 80 },
};
