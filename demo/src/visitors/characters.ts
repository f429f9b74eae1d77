/** Somebody who is played: what they want to know, and how long they wait for it. */
export interface Character {
  name: string;
  email: string;
  /** The address name of the chat that they write to, and the page that they are on. */
  chat: 'evening-desk' | 'shop-desk';
  page: string;
  title: string;
  /** What the chat asks before the first message. */
  answers?: readonly { label: string; value: string }[];
  /** So long they wait for an answer, in minutes. */
  patience: number;
  /** What they write: the next after each answer. */
  says: readonly [string, ...string[]];
  /** Their last words: when all is answered, and when nobody came. */
  thanks: string;
  gone: string;
}

const evening = { chat: 'evening-desk', page: '/tonight/', title: 'Tonight' } as const;
const shop = (topic: string, order = '') =>
  ({
    chat: 'shop-desk',
    page: '/till/',
    title: 'Till',
    answers: [{ label: 'Topic', value: topic }, ...(order ? [{ label: 'Order number', value: order }] : [])],
  }) as const;

/** A dozen, from the hurried to those who have all evening. */
export const characters: readonly Character[] = [
  {
    ...{ ...evening, name: 'Ingrid Mossell', email: 'ingrid@mossell.example', patience: 2 },
    says: ['Is the dome open tonight?', 'And if it clouds over later?'],
    thanks: 'Then we set out now. Thank you!',
    gone: 'I have to decide now, never mind.',
  },
  {
    ...{ ...evening, name: 'Bastian Rook', email: 'bastian@rook.example', patience: 6 },
    says: [
      'We are eleven people, two of them in wheelchairs. Does that work?',
      'How early should we be there?',
      'Can somebody meet us at the gate?',
    ],
    thanks: 'That helps a lot. See you then.',
    gone: 'I will ring in the morning.',
  },
  {
    ...{ ...evening, name: 'Saoirse Finn', email: 'saoirse@finn.example', patience: 10 },
    says: ['My daughter is five. Is an evening in the dome too long for her?', 'Is there anything to drink?'],
    thanks: 'Lovely, she will be thrilled.',
    gone: 'We will look at the page again tomorrow.',
  },
  {
    ...{ ...evening, name: 'Otto Lindqvist', email: 'otto@lindqvist.example', patience: 1 },
    says: ['Quick one: is there parking?'],
    thanks: 'Perfect.',
    gone: 'Forget it, we are on the road.',
  },
  {
    ...{ ...evening, name: 'Mahala Price', email: 'mahala@price.example', patience: 15 },
    says: [
      'I photographed a bright streak at 21:40 in the north. Was that a meteor or a satellite?',
      'It left a glow for about two seconds.',
      'May I send you the picture by e-mail?',
    ],
    thanks: 'I will. Good night!',
    gone: 'I leave it with you. My address is above.',
  },
  {
    ...{ ...evening, name: 'Jonas Ekwall', email: 'jonas@ekwall.example', patience: 4 },
    says: [
      'I can’t find my ticket for Friday in my mail.',
      'It was bought by my wife, maybe under her address.',
    ],
    thanks: 'It is there. Thank you.',
    gone: 'We will just come to the door.',
  },
  {
    ...{ ...evening, name: 'Perpetua Lowe', email: 'perpetua@lowe.example', patience: 8 },
    says: ['Do members pay for the meteor night?', 'And a guest of mine?'],
    thanks: 'Very fair. Then two of us.',
    gone: 'I will ask at the desk.',
  },
  {
    ...{ ...shop('Order', 'L-2231'), name: 'Hedda Winkel', email: 'hedda@winkel.example', patience: 3 },
    says: ['Where is my red lamp?', 'It was meant to be a present for Sunday.'],
    thanks: 'Good, that is in time.',
    gone: 'I am disappointed that nobody is there.',
  },
  {
    ...{ ...shop('Return', 'L-2198'), name: 'Caspar Nye', email: 'caspar@nye.example', patience: 9 },
    says: ['The star chart came creased. Can I send it back?', 'Do I pay for the parcel?'],
    thanks: 'Thank you, I will send it tomorrow.',
    gone: 'I will write an e-mail then.',
  },
  {
    ...{ ...shop('Something else'), name: 'Dilys Marr', email: 'dilys@marr.example', patience: 12 },
    says: [
      'Which telescope do you recommend for a balcony in town?',
      'Up to 300 euros, I think.',
      'Can I look through one before I buy it?',
    ],
    thanks: 'I come by on Saturday.',
    gone: 'I will come to the shop instead.',
  },
  {
    ...{ ...shop('Delivery'), name: 'Ruben Achterberg', email: 'ruben@achterberg.example', patience: 5 },
    says: ['Do you send to the Netherlands?', 'How long does it take?'],
    thanks: 'Great, then I order now.',
    gone: 'Then I order elsewhere.',
  },
  {
    ...{ ...shop('Order'), name: 'Yewande Cole', email: 'yewande@cole.example', patience: 7 },
    says: ['My voucher is not taken at the till.', 'It says LAMP-10.'],
    thanks: 'Now it works!',
    gone: 'I have paid the full price now.',
  },
];
