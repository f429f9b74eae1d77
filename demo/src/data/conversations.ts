import { seeded } from '@sirene/core/base/random';

const first = ['Runa', 'Sverre', 'Tove', 'Ulla', 'Viggo', 'Wanda', 'Yrsa', 'Zeno', 'Pia', 'Quentin'];
const last = ['Alder', 'Birk', 'Corran', 'Dahl', 'Elm', 'Fjord', 'Glen', 'Heath'];

const minute = 60_000;
const dayMs = 86_400_000;

type Line = readonly ['visitor' | 'desk' | 'note', string];

/** What people ask in the evening, and what they are told. */
const talks: readonly (readonly Line[])[] = [
  [
    ['visitor', 'Is the dome open tonight? It looks cloudy from here.'],
    ['desk', 'It is open from nine. If it stays cloudy we show the sky in the planetarium.'],
    ['visitor', 'Good, then we’ll come.'],
  ],
  [
    ['visitor', 'Can I bring my own binoculars to the meteor night?'],
    ['desk', 'Please do. For meteors your eyes are enough, but we look at the Pleiades in between.'],
    ['visitor', 'Perfect. Is there parking?'],
    ['desk', 'Forty places at the gate. Please dip your headlights on the last bend.'],
  ],
  [
    ['visitor', 'I ordered a red lamp last week and it has not arrived.'],
    ['note', 'Order is with the carrier, due tomorrow.'],
    ['desk', 'It left us on Tuesday and should be with you tomorrow. I have sent you the tracking link.'],
    ['visitor', 'Thank you, that was quick.'],
  ],
  [
    ['visitor', 'How do I renew my membership?'],
    ['desk', 'Sign in at the members’ door and choose “Renew”. It runs from the day yours ends.'],
    ['visitor', 'Found it.'],
  ],
  [
    ['visitor', 'Is the path to the dome all right for a wheelchair?'],
    ['desk', 'Yes, it is paved and lit in red. The eyepiece comes down to any height.'],
    ['visitor', 'That is wonderful. My father will be so glad.'],
    ['desk', 'Say hello at the desk and we’ll take you up first.'],
  ],
  [
    ['visitor', 'Do you have the sky chart for the southern sky?'],
    [
      'desk',
      'Not printed, I’m afraid: from the moor we never see it. The northern one covers down to 40° south.',
    ],
    ['visitor', 'Fair enough.'],
  ],
  [
    [
      'visitor',
      'We are thirty children and four adults. Is one evening enough for the planets and the Moon?',
    ],
    ['desk', 'In two groups, yes: one at the telescope, one on the planet walk, then you swap.'],
    ['note', 'Teacher at Heathfield. Sent them the school visit form.'],
    ['visitor', 'I’ll fill in the form tonight.'],
  ],
];

const pages = [
  ['/tonight/', 'Tonight · Larkmoor Observatory'],
  ['/members/', 'Members · Larkmoor Observatory'],
] as const;

/** Sixty days of conversations, evenings more than mornings; the same for the same seed. One waits, one is being answered. */
export function conversations(origin: string, seed: number) {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  return Array.from({ length: 60 }, (_, at) => {
    const name = `${pick(first)} ${pick(last)}`;
    const [path, title] = pick(pages);
    const talk = pick(talks);
    const isWaiting = at === 0;
    const lines = isWaiting ? talk.slice(0, 1) : at === 1 ? talk.slice(0, 2) : talk;
    return {
      widget: 'Evening desk',
      ago: isWaiting ? 3 * minute : at === 1 ? 14 * minute : Math.round((at - 1 + random()) * dayMs),
      name,
      email: `${name.toLowerCase().replace(' ', '.')}@post.example`,
      page: origin + path,
      pageTitle: title,
      state: isWaiting ? 'waiting' : at === 1 ? 'open' : 'closed',
      messages: lines.map(([from, text], index) => ({
        ...{ from, text },
        after: index === 0 ? 0 : Math.round((0.5 + random() * 3) * minute),
      })),
    };
  });
}
