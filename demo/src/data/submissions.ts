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

/** How its sender stands to the letter by now. */
const stateOf = (share: number): string =>
  share < 0.12 ? 'pending' : share < 0.2 ? 'unsubscribed' : 'confirmed';

const pick = <T>(list: readonly T[], random: () => number): T =>
  list[Math.floor(random() * list.length)] as T;

const id = (random: () => number): string =>
  Array.from({ length: 32 }, () => Math.floor(random() * 16).toString(16)).join('');

/** How many days ago the newsletter went out, and how many signed up within a day of it. */
const newsletter = { ago: 23, signups: 9 };

/** Signups of the last weeks, a few of them at once when the newsletter went out; the same for the same seed. */
export function signups(count: number, origin: string, seed: number) {
  const random = seeded(seed);
  return Array.from({ length: count }, (_, at) => {
    const isOfPeak = at >= count - newsletter.signups;
    const days = isOfPeak ? newsletter.ago + random() * 0.8 : (at + random() ** 2) * (58 / count);
    const name = `${pick(first, random)} ${pick(last, random)}`;
    const [path, title] = pick(pages, random);
    const email = `${name.toLowerCase().replace(' ', '.')}${Math.floor(random() * 90 + 10)}@post.example`;
    return {
      widget: 'Sky letter',
      id: id(random),
      ago: Math.round(days * dayMs + 2 * hourMs),
      fields: [
        { key: 'name', label: 'Your name', value: random() > 0.15 ? name : '' },
        { key: 'email', label: 'E-mail address', value: email },
      ],
      page: origin + path,
      pageTitle: `${title} · Larkmoor Observatory`,
      delivered: ['desk@larkmoor.example', 'letters@larkmoor.example'],
      list: { name: 'Sky letter', state: stateOf(random()) },
    };
  });
}

const schools = [
  ['Heathfield School', 'Won'],
  ['St Brannoc’s Primary', 'Asked'],
  ['Moorgate Academy', 'In talks'],
  ['The Lantern School', 'Won'],
  ['Tarn Lane Primary', 'Asked'],
  ['Ravensmoor College', 'In talks'],
  ['Little Weir School', 'Lost'],
  ['Fell View Primary', 'Won'],
] as const;

const notes = [
  'They come by bus and must leave at nine.',
  'Two wheelchairs: the lower platform, please.',
  'Asked whether the cafe is open. It is, until eight.',
];

/**
 * School visits of the last weeks, each a lead in the stage that it has come to.
 *
 * @param now ms since 1970
 */
export function visits(origin: string, seed: number, now: number) {
  const random = seeded(seed);
  return schools.map(([school, stage], at) => {
    const name = `${pick(first, random)} ${pick(last, random)}`;
    const children = 12 + Math.floor(random() * 50);
    const adults = 2 + Math.floor(children / 12);
    const total = children * (children > 40 ? 3.5 : 4) + Math.max(0, adults - Math.round(children / 10)) * 7;
    const ago = Math.round((at + random()) * 6 * dayMs + 3 * hourMs);
    const date = new Date(now - ago + (20 + Math.floor(random() * 30)) * dayMs).toISOString().slice(0, 10);
    const fields = [
      ['group', 'Who is coming?', 'A school'],
      ['school', 'Name of the school', school],
      ['children', 'Number of children', String(children)],
      ['adults', 'Accompanying adults', String(adults)],
      ['date', 'Date', date],
      ['topic', 'What fits your lessons?', pick(['Moon and planets', 'Light and lenses'], random)],
      ['name', 'Your name', name],
      ['email', 'E-mail address', `${name.toLowerCase().replace(' ', '.')}@school.example`],
    ];
    const note = at % 3 === 1 ? notes[Math.floor(at / 3)] : undefined;
    return {
      widget: 'School visit',
      id: id(random),
      ago,
      fields: fields.map(([key, label, value]) => ({ key, label, value })),
      page: `${origin}/contact/`,
      pageTitle: 'Contact · Larkmoor Observatory',
      delivered: ['desk@larkmoor.example', 'schools@larkmoor.example'],
      lead: {
        stage,
        title: `${school}: ${children} children`,
        units: Math.round(total * 100),
        currency: 'EUR',
        ...((stage === 'Asked' || stage === 'In talks') && { due: Math.floor(random() * 9) - 2 }),
      },
      ...(stage === 'Won' && {
        invoice: {
          lines: [
            { name: 'Evening for a class, each child', unit: 'C62', quantity: children, price: 400, rate: 0 },
            { name: 'Accompanying adult', unit: 'C62', quantity: adults, price: 700, rate: 0 },
          ],
          paid: at % 2 === 0,
        },
      }),
      ...(note !== undefined && { note }),
    };
  });
}

/** Gifts for the dome motor of the last weeks, most of them paid. */
export function gifts(count: number, origin: string, seed: number) {
  const random = seeded(seed);
  return Array.from({ length: count }, (_, at) => {
    const name = `${pick(first, random)} ${pick(last, random)}`;
    const amount = pick([15, 15, 40, 40, 120, 25], random);
    const isMonthly = random() < 0.2;
    const share = random();
    const fields = [
      ['amount', 'Your gift', String(amount)],
      ['rhythm', 'How often', isMonthly ? 'Every month' : 'Once'],
      ['name', 'Your name', name],
      ['email', 'E-mail address', `${name.toLowerCase().replace(' ', '.')}@post.example`],
    ];
    return {
      widget: 'Dome motor fund',
      id: id(random),
      ago: Math.round((at + random()) * 4 * dayMs + 5 * hourMs),
      fields: fields.map(([key, label, value]) => ({ key, label, value })),
      page: `${origin}/donate/`,
      pageTitle: 'A motor for the dome · Larkmoor Observatory',
      delivered: ['fund@larkmoor.example'],
      payment: {
        units: amount * 100,
        currency: 'EUR',
        interval: isMonthly ? 'month' : 'once',
        description: 'A gift for the dome motor',
        state: share < 0.1 ? 'left' : share < 0.15 ? 'failed' : 'paid',
      },
    };
  });
}

const asked = [
  'Is the lower platform open to wheelchairs, and must we say so before we come?',
  'We saw a slow green light over the fell on Sunday at ten. Was that a fireball?',
  'Can my father bring his own telescope to a clear evening?',
  'Do you have gift vouchers for two, and how long are they good for?',
  'Is there a bus back after the Saturday show?',
  'May I print your picture of the dome in our parish newsletter?',
];

/** Questions of the last weeks by the contact form. */
export function questions(origin: string, seed: number) {
  const random = seeded(seed);
  return asked.map((question, at) => {
    const name = `${pick(first, random)} ${pick(last, random)}`;
    const email = `${name.toLowerCase().replace(' ', '.')}@post.example`;
    return {
      widget: 'Ask the observatory',
      id: id(random),
      ago: Math.round((at + random()) * 8 * dayMs + 30 * hourMs),
      fields: [
        { key: 'name', label: 'Your name', value: name },
        { key: 'email', label: 'E-mail address', value: email },
        { key: 'message', label: 'Your question', value: question },
      ],
      page: `${origin}/contact/`,
      pageTitle: 'Contact · Larkmoor Observatory',
      delivered: ['desk@larkmoor.example', 'observers@larkmoor.example'],
    };
  });
}

const parts = ['the welcome', 'the talk', 'the view through the telescope', 'the cocoa'];
const missed = ['A second telescope for the children.', 'More time at the eyepiece.', 'A clear sky, alas.'];

/** What guests of the last weeks thought of their evening; nobody is named. */
export function evenings(count: number, origin: string, seed: number) {
  const random = seeded(seed);
  return Array.from({ length: count }, (_, at) => {
    const marks = parts.map(() => pick(['Fair', 'Good', 'Good', 'Excellent', 'Excellent'], random));
    const again = marks.includes('Fair') ? 2 + Math.floor(random() * 3) : 4 + Math.floor(random() * 2);
    const fields = [
      ...marks.map((mark, row) => [`evening-${row + 1}`, parts[row], mark]),
      ['again', 'How likely are you to come again? (1 not at all, 5 certainly)', String(again)],
      ...(again < 3 ? [['missed', 'What did you miss?', pick(missed, random)]] : []),
    ];
    return {
      widget: 'How was your evening?',
      id: id(random),
      ago: Math.round((at + random()) * (57 / count) * dayMs + 11 * hourMs),
      fields: fields.map(([key, label, value]) => ({ key, label, value })),
      page: `${origin}/shows/`,
      pageTitle: 'Shows · Larkmoor Observatory',
      delivered: ['desk@larkmoor.example'],
    };
  });
}

/** How many of a widget's submissions came on each day, by how many days ago it was. */
export function sentByDay(
  submissions: readonly { widget: string; ago: number }[],
  widget: string,
  now: number,
): ReadonlyMap<number, number> {
  const days = new Map<number, number>();
  for (const { ago } of submissions.filter((one) => one.widget === widget)) {
    const day = Math.floor(now / dayMs) - Math.floor((now - ago) / dayMs);
    days.set(day, (days.get(day) ?? 0) + 1);
  }
  return days;
}

/**
 * Views, closings and submissions a day for some weeks: weekends higher, one peak when the letter went out.
 *
 * @param sent how many were sent on each day, by how many days ago it was; or the share of the views that was
 */
export function counts(
  days: number,
  perDay: number,
  sent: ReadonlyMap<number, number> | number,
  seed: number,
) {
  const random = seeded(seed);
  return Array.from({ length: days }, (_, ago) => {
    const weekend = ago % 7 === 2 || ago % 7 === 3 ? 1.6 : 1;
    const letter = ago === newsletter.ago ? 3 : ago === newsletter.ago + 1 ? 1.8 : 1;
    const seen = Math.round(perDay * weekend * letter * (0.8 + random() * 0.4));
    const spread = 0.7 + random() * 0.6;
    const submitted = typeof sent === 'number' ? Math.round(seen * sent * spread) : (sent.get(ago) ?? 0);
    const shown = Math.max(seen, submitted);
    return { ago, shown, closed: Math.round((shown - submitted) * 0.6), submitted };
  });
}
