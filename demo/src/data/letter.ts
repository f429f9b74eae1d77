import {
  buildWidget,
  email,
  field,
  form,
  heading,
  notice,
  send,
  thanks,
  words,
} from '@sirene/core/library/sketch';

/** A signup in the corner for those who read on, or are about to leave. */
export const skyLetter = buildWidget({
  name: 'Sky letter',
  kind: 'popup',
  placement: { type: 'corner', at: 'bottom-right', width: 392, sheet: true },
  opening: [
    { ...heading('The moor’s sky, once a month', 2, { color: '{color.accent-strong}' }), id: 'title' },
    {
      ...words('What to look for, when the dome is open, and one good story. No more than that.'),
      id: 'words',
    },
    {
      ...form([
        { ...field('name', 'name', 'Your name'), id: 'name' },
        { ...email(), id: 'email' },
        { ...send('Send me the Sky letter'), id: 'send' },
        {
          ...notice('Your address is for the letter alone. Every letter has a line to stop it.'),
          id: 'notice',
        },
      ]),
      id: 'form',
    },
  ],
  scenes: thanks('Thank you, and clear skies', 'The next letter leaves on the first of the month.'),
  behaviour: {
    triggers: { any: [{ type: 'pages', atLeast: 2 }, { type: 'leave' }] },
    targeting: { all: [{ type: 'address', include: ['/journal/*', '/shop/*'], exclude: [] }] },
    frequency: { per: 'visit' },
  },
  afterwards: {
    actions: [
      {
        type: 'notify',
        recipients: ['desk@larkmoor.example', 'letters@larkmoor.example'],
        subject: 'A new reader of the Sky letter',
      },
      {
        type: 'list',
        list: 'Sky letter',
        subject: 'One click, and the Sky letter is yours',
        text: 'Good evening,\n\nsomebody, we hope you, asked {{site.name}} to send the Sky letter to this address. Please confirm it.\n\nIf it was not you, do nothing: you get no further e-mail.',
        welcomeSubject: 'Welcome to the Sky letter',
        welcome:
          'Clear skies, {{name}}!\n\nYour first letter leaves on the first of the month. Until then, here is what to do with a cloudless evening: step outside, wait twenty minutes, look up.',
      },
    ],
  },
});

/** The contact form, in the contact page. */
export const askTheObservatory = buildWidget({
  name: 'Ask the observatory',
  kind: 'form',
  placement: { type: 'inline', width: 680 },
  opening: [
    heading('Ask the observatory'),
    words('Opening times, group visits, a light you saw last night: we answer within a day.'),
    form([
      field('name', 'name', 'Your name', { required: true }),
      email(),
      field('long-text', 'message', 'Your question', { required: true }),
      { ...send('Send the question'), wide: false },
      notice('We keep your question until it is answered, and your address with it.'),
    ]),
  ],
  scenes: thanks('We’ve got your message', 'We read our mail every morning and reply within a day.'),
  afterwards: {
    actions: [
      {
        type: 'notify',
        recipients: ['desk@larkmoor.example', 'observers@larkmoor.example'],
        subject: 'A question for the observatory',
      },
      {
        type: 'reply',
        subject: 'Your question to {{site.name}}',
        text: 'Dear {{name}},\n\nyour question has arrived, and somebody answers it within a day. This is what you wrote:\n\n{{message}}\n\nClear skies,\n{{site.name}}',
        replyTo: 'desk@larkmoor.example',
      },
    ],
  },
});
