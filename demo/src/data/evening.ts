import { buildWidget, field, form, heading, notice, send, thanks, words } from '@sirene/core/library/sketch';

/** What guests thought of their evening: over the whole window, for those who follow the link to it. */
export const howWasYourEvening = buildWidget({
  name: 'How was your evening?',
  kind: 'form',
  placement: { type: 'cover', width: 620 },
  opening: [
    heading('How was your evening?'),
    words('Two minutes, and it goes straight to the people who were on duty.'),
    form([
      {
        type: 'matrix',
        key: 'evening',
        label: 'What did you think of …',
        rows: ['the welcome', 'the talk', 'the view through the telescope', 'the cocoa'],
        columns: ['Poor', 'Fair', 'Good', 'Excellent'],
        required: true,
      },
      field('scale', 'again', 'How likely are you to come again? (1 not at all, 5 certainly)', {
        required: true,
      }),
      field('long-text', 'missed', 'What did you miss?', {
        required: true,
        when: {
          any: [
            { type: 'answer', field: 'again', how: 'less', value: '3' },
            { type: 'answer', field: 'evening-3', how: 'equals', value: 'Poor' },
          ],
        },
      }),
      { ...send('Send it to the team'), wide: false },
      notice('Nobody is named, and nothing is kept but these answers.'),
    ]),
  ],
  scenes: thanks('Thank you', 'The team reads every answer on the morning after.'),
  behaviour: { triggers: { any: [{ type: 'asked' }] }, frequency: { per: 'page' } },
  afterwards: {
    actions: [
      {
        type: 'notify',
        recipients: ['desk@larkmoor.example'],
        subject: 'An evening: {{evening-3}} view, {{again}} of 5',
      },
    ],
  },
});
