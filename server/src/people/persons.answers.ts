import { Type, type TProperties } from '@sinclair/typebox';
import { lead, toldOfLead } from '../leads/leads.answers.js';
import { entryStates, listEventKinds } from '../lists/lists.entity.js';
import { paymentStates } from '../payments/payments.entity.js';
import { answer, nullable, oneOf } from '../shared/answers.js';
import type { PersonEntity } from './people.entity.js';
import type { PersonsService } from './persons.service.js';

const own = {
  id: Type.String(),
  name: Type.String(),
  email: Type.String({ description: 'Empty where only a phone number is known.' }),
  phone: Type.String({ description: 'As E.164; empty where none is known.' }),
  tags: Type.Array(Type.String()),
  firstAt: Type.Integer(),
  lastAt: Type.Integer(),
};

export const personList = answer('PersonList', {
  total: Type.Integer({ description: 'How many match in all.' }),
  next: nullable(Type.String({ description: 'The cursor of the next page, to be given as `after`.' })),
  tags: Type.Array(Type.String(), { description: 'Every tag of the site.' }),
  persons: Type.Array(Type.Object(own, { additionalProperties: false })),
});

const happened = <K extends string, P extends TProperties>(kind: K, more: P) =>
  Type.Object(
    { id: Type.String(), at: Type.Integer(), kind: Type.Literal(kind), text: Type.String(), ...more },
    { additionalProperties: false },
  );

export const wholePerson = answer('Person', {
  ...own,
  lists: Type.Array(
    Type.Object(
      { id: Type.String(), name: Type.String(), state: oneOf(entryStates), since: Type.Integer() },
      { additionalProperties: false },
    ),
  ),
  leads: Type.Array(lead),
  aliases: Type.Array(Type.String(), { description: 'Their other e-mail addresses.' }),
  same: Type.Array(
    Type.Object(
      { id: Type.String(), name: Type.String(), email: Type.String() },
      { additionalProperties: false },
    ),
    { description: 'Who may be the same person: they have the same phone number.' },
  ),
  timeline: Type.Array(
    Type.Union([
      happened('submission', {}),
      happened('conversation', {}),
      happened('mail', { state: Type.String() }),
      Type.Object(
        {
          id: Type.String(),
          at: Type.Integer(),
          kind: Type.Literal('list'),
          text: Type.String(),
          event: oneOf(listEventKinds),
        },
        { additionalProperties: false },
      ),
      happened('lead', { stage: Type.String() }),
      happened('payment', { units: Type.Integer(), currency: Type.String(), state: oneOf(paymentStates) }),
      happened('merge', { isLast: Type.Boolean({ description: 'Whether it can be undone.' }) }),
      happened('invoice', { what: oneOf(['issued', 'sent', 'paid'] as const) }),
      Type.Object(
        {
          id: Type.String(),
          at: Type.Integer(),
          kind: Type.Literal('note'),
          text: Type.String(),
          by: nullable(Type.String()),
        },
        { additionalProperties: false },
      ),
    ]),
    { description: 'What they sent and were sent, lists, leads and notes, the last first.' },
  ),
});

export const toldOfPerson = ({ id, name, email, phone, tags, firstAt, lastAt }: PersonEntity) => ({
  id,
  name,
  email,
  phone,
  tags,
  firstAt,
  lastAt,
});

type Whole = Awaited<ReturnType<PersonsService['whole']>>;

export const toldOfWhole = ({ person, lists, leads, aliases, same, timeline }: Whole) => ({
  ...toldOfPerson(person),
  lists,
  leads: leads.map(toldOfLead),
  aliases,
  same: same.map(({ id, name, email }) => ({ id, name, email })),
  timeline,
});
