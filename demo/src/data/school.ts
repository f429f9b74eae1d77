import {
  buildWidget,
  dressed,
  email,
  field,
  form,
  heading,
  notice,
  row,
  send,
  thanks,
  words,
  type Sketch,
} from '@sirene/core/library/sketch';
import { answered } from './answered.js';

const step = (label: string, inside: readonly Sketch[]): Sketch => ({ type: 'step', label, inside });
const button = (type: 'next' | 'back', label: string): Sketch => ({
  type: 'button',
  label,
  action: { type },
  wide: false,
  ...(type === 'back' && { variant: 'text' }),
});

/**
 * A visit is asked for in three steps; what the second asks depends on the first, and the price is worked out meanwhile.
 *
 * @param hooks where the booking system is told of large groups: the stand-in for webhooks
 */
export const schoolVisit = (hooks: string) =>
  buildWidget({
    name: 'School visit',
    kind: 'form',
    placement: { type: 'centre', width: 560 },
    opening: [
      heading('Bring a group to the dome'),
      words('An evening at the telescope, with a guide of your own. We answer within two working days.'),
      form([
        step('Your group', [
          field('choice', 'group', 'Who is coming?', {
            required: true,
            options: ['A school', 'A club', 'Family and friends'],
          }),
          field('text', 'school', 'Name of the school', {
            requiredWhen: answered('group', 'equals', 'A school'),
            when: answered('group', 'equals', 'A school'),
          }),
          field('number', 'children', 'Number of children', { required: true, min: '6', max: '90' }),
          field('number', 'adults', 'Accompanying adults', { required: true, min: '1', max: '20' }),
          row([button('next', 'Next: the evening')]),
        ]),
        step('The evening', [
          field('date', 'date', 'Date', {
            required: true,
            min: 'today+7',
            max: 'today+365',
            hint: 'From a week ahead; we are open Wednesday to Sunday.',
          }),
          field('choice', 'topic', 'What fits your lessons?', {
            options: ['Moon and planets', 'Light and lenses', 'Finding your way by the stars'],
            when: answered('group', 'equals', 'A school'),
          }),
          field('long-text', 'needs', 'Anything we should know', {
            hint: 'Wheelchairs, allergies, an early bus.',
            max: '1000',
          }),
          row([button('back', 'Back'), button('next', 'Next: your details')]),
        ]),
        step('Your details', [
          field('name', 'name', 'Your name', { required: true }),
          email(),
          field('phone', 'phone', 'Phone', { when: answered('children', 'more', '40'), required: true }),
          {
            type: 'file-field',
            key: 'slip',
            label: 'Permission slip',
            types: ['pictures', 'pdf'],
            megabytes: 10,
            most: 3,
            required: false,
            hint: 'If you have it already.',
          },
          field('consent', 'consent', 'Your data', {
            required: true,
            options: ['The observatory may keep these details until the visit is over.'],
          }),
          row([button('back', 'Back'), { ...send('Ask for this visit'), wide: false }]),
          notice('We use your details to plan the visit, and for nothing else.'),
        ]),
        {
          type: 'calculation',
          key: 'total',
          label: 'Entry for your group',
          formula: 'children × if(children > 40, 3.5, 4) + max(0, adults − round(children / 10)) × 7',
          currency: 'EUR',
          locale: 'en',
        },
        { type: 'hidden-field', key: 'from', label: 'Sent from', source: 'page', value: '' },
      ]),
    ],
    scenes: {
      thanks: [
        ...thanks('Thank you, {{name}}', 'We check the calendar and write back within two working days.')
          .thanks,
        dressed(
          {
            ...{ type: 'button', label: 'Before you come (PDF)', wide: false, variant: 'outlined' },
            action: { type: 'file', src: 'asset:@before-you-come' },
          },
          { self: 'center' },
        ),
      ],
    },
    behaviour: { triggers: { any: [{ type: 'asked' }] }, frequency: { per: 'page' } },
    afterwards: {
      actions: [
        {
          type: 'notify',
          recipients: ['desk@larkmoor.example'],
          subject: 'Group visit: {{name}}, {{children}} children on {{date}}',
        },
        {
          type: 'notify',
          recipients: ['schools@larkmoor.example'],
          subject: '{{school}} wants to come on {{date}}',
          text: 'They would like: {{topic}}\n\n{{form.answers}}\n\nPlease write to {{email}}.',
          when: answered('group', 'equals', 'A school'),
        },
        {
          type: 'reply',
          subject: 'Your evening at the observatory',
          text: 'Dear {{name}},\n\nthank you for wanting to visit us. We look at the calendar and write back within two working days. This is what you asked for:\n\n{{form.answers}}\n\nClear skies,\n{{site.name}}',
          replyTo: 'schools@larkmoor.example',
          eventAt: '{{date}}',
          eventTitle: 'A visit to {{site.name}}: {{children}} children',
        },
        {
          type: 'lead',
          stage: 'Asked',
          title: '{{school}}: {{children}} children on {{date}}',
          value: '{{total}}',
          currency: 'EUR',
          when: answered('group', 'equals', 'A school'),
        },
        { type: 'sheet', sheet: 'School visits' },
        { type: 'webhook', url: `${hooks}/larkmoor`, when: answered('children', 'more', '40') },
      ],
    },
  });
