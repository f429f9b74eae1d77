import { buildWidget, email, form, heading, notice, send, thanks, words } from '@sirene/core/library/sketch';
import type { Brand } from '@sirene/core/style';
import { colour } from './brand.js';

/** The weaving school has a small brand of its own. */
export const weaversBrand: Partial<Brand> = {
  tokens: {
    color: {
      $type: 'color',
      accent: colour('#7a3b2e'),
      'accent-strong': colour('#5c2a20'),
      soft: colour('#f2ece2'),
    },
  },
};

/** Its signup, for those who stay for a while. */
export const courseLetter = buildWidget({
  name: 'Course letter',
  kind: 'popup',
  placement: { type: 'corner', at: 'bottom-right', width: 360, sheet: true },
  opening: [
    heading('New courses, before they fill'),
    words('Three times a year: looms, dyes, and the wool fair.'),
    form([
      email(),
      send('Send me the dates'),
      notice('Your address is for the dates alone. Every letter has a line to stop it.'),
    ]),
  ],
  scenes: thanks('Thank you', 'One click in the e-mail that is on its way, and you are on the list.'),
  behaviour: {
    triggers: { any: [{ type: 'delay', seconds: 20 }] },
    frequency: { per: 'days', days: 7 },
  },
  afterwards: {
    actions: [
      { type: 'notify', recipients: ['school@wendweft.example'], subject: 'A reader of the course letter' },
      {
        type: 'list',
        list: 'Course letter',
        subject: 'One click, and the course dates are yours',
        text: 'Hello,\n\nsomebody, we hope you, asked {{site.name}} to send the course dates to this address. Please confirm it.\n\nIf it was not you, do nothing: you get no further e-mail.',
        welcomeSubject: 'Welcome to the course letter',
        welcome: 'Hello,\n\nthe next dates come in January. Until then: wind the wool, and rest your hands.',
      },
    ],
  },
});

const readers = ['tamsin.vale', 'oskar.lind', 'priya.marsh', 'dunja.weber', 'callum.reed', 'sanna.hill'];

/** Who signed up in the last weeks. */
export const courseReaders = readers.map((name, at) => ({
  widget: courseLetter.name,
  id: (at + 1).toString(16).padStart(32, '7'),
  ago: (3 + at * 9) * 86_400_000,
  fields: [{ key: 'email', label: 'E-mail address', value: `${name}@wool.example` }],
  page: 'https://wendweft.example/courses/',
  pageTitle: 'Courses · Wend & Weft',
  delivered: ['school@wendweft.example'],
  list: { name: 'Course letter', state: at === 0 ? 'pending' : 'confirmed' },
}));
