import { seeded } from '@sirene/core/base/random';

const first = [
  'Ada',
  'Bram',
  'Cleo',
  'Dario',
  'Edda',
  'Finn',
  'Greta',
  'Hugo',
  'Ines',
  'Jory',
  'Kaja',
  'Lars',
  'Mina',
  'Nils',
  'Orla',
];
const last = [
  'Abel',
  'Brook',
  'Castell',
  'Dunmore',
  'Eckhart',
  'Fenwick',
  'Garrow',
  'Holt',
  'Ivers',
  'Jessop',
  'Kestrel',
];
const pages = [
  ['/journal/dark-adaptation/', 'How to see in the dark'],
  ['/journal/first-telescope/', 'Your first telescope is a pair of binoculars'],
  ['/shop/red-lamp/', 'Red reading lamp'],
  ['/shop/moor-chart/', 'The Larkmoor sky chart'],
] as const;

const hourMs = 3_600_000;
const dayMs = 24 * hourMs;

const pick = <T>(list: readonly T[], random: () => number): T =>
  list[Math.floor(random() * list.length)] as T;

/** Signups of the last weeks, evenings more than mornings; the same for the same seed. Newest first. */
export function signups(count: number, origin: string, seed: number) {
  const random = seeded(seed);
  return Array.from({ length: count }, (_, at) => {
    const name = `${pick(first, random)} ${pick(last, random)}`;
    const [path, title] = pick(pages, random);
    const email = `${name.toLowerCase().replace(' ', '.')}${Math.floor(random() * 90 + 10)}@post.example`;
    return {
      widget: 'Sky letter',
      id: Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16)).join(''),
      ago: Math.round((at + random() ** 2) * (dayMs * 0.8) + 2 * hourMs),
      fields: [
        { key: 'name', label: 'Your name', value: random() > 0.15 ? name : '' },
        { key: 'email', label: 'E-mail address', value: email },
      ],
      page: origin + path,
      pageTitle: `${title} · Larkmoor Observatory`,
      delivered: ['desk@larkmoor.example', 'letters@larkmoor.example'],
    };
  });
}

/** Views, closings and submissions a day for some weeks: weekends higher, one peak when the letter went out. */
export function counts(days: number, perDay: number, rate: number, seed: number) {
  const random = seeded(seed);
  return Array.from({ length: days }, (_, ago) => {
    const weekend = ago % 7 === 2 || ago % 7 === 3 ? 1.6 : 1;
    const letter = ago === 23 ? 3 : 1;
    const shown = Math.round(perDay * weekend * letter * (0.8 + random() * 0.4));
    const submitted = Math.round(shown * rate * (0.7 + random() * 0.6));
    return { ago, shown, closed: Math.round((shown - submitted) * 0.6), submitted };
  });
}
