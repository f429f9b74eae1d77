// A site of as many pages and widgets as are wanted, as the plan and the traffic take it.
import { coversOf } from '@sirene/core/behaviour';

const sections = ['', 'journal', 'shop', 'shows', 'about'];
export const pagesOf = (count) =>
  Array.from({ length: count }, (_, at) => ({
    address: `https://x.example/${sections[at % sections.length]}/${at}`,
    types: [['article'], ['product'], []][at % 3],
    markers: ['w3'],
  }));
const slots = ['centre', 'bottom-right', 'top-bar', 'none', 'launcher-bottom-right'];
const modes = ['overlay', 'overlay', 'free', 'inline', 'free'];
const triggers = [
  [{ type: 'load' }],
  [{ type: 'delay', seconds: 8 }, { type: 'leave' }],
  [{ type: 'scroll', share: 0.6 }],
];
export const widgetsOf = (count) =>
  Array.from({ length: count }, (_, at) => ({
    id: `w${at}`,
    slug: `w${at}`,
    mode: modes[at % 5],
    covers: coversOf(slots[at % 5]),
    triggers: { any: triggers[at % 3] },
    targeting: {
      all: [
        { type: 'address', include: [`/${sections[at % sections.length]}/*`], exclude: [] },
        { type: 'pages-seen', atLeast: (at % 3) + 1 },
        {
          any: [
            { type: 'device', devices: ['phone', 'tablet'] },
            { type: 'width', from: 900, to: 20_000 },
          ],
        },
        { type: 'member', is: at % 7 === 0 ? 'member' : 'guest' },
        { none: [{ type: 'acted', widget: `w${(at + 1) % count}`, did: 'submitted', is: 'yes', days: 0 }] },
        { type: 'visits', from: 1, to: 3 + (at % 5) },
      ],
    },
    frequency: { per: 'visit' },
    returning: { afterClosing: 7, afterSubmitting: null },
    priority: at % 4,
    hasForm: at % 2 === 0,
  }));
