import { Type } from '@sinclair/typebox';
import { deliveryLabel } from '@sirene/core/actions';
import { answer, nullable, oneOf } from '../shared/answers.js';
import { deliveryStates, type DeliveryEntity } from './actions.entity.js';

const state = oneOf(deliveryStates);

export const delivery = answer('Delivery', {
  id: Type.String(),
  type: Type.String({ description: 'The kind of action.' }),
  target: Type.String({ description: 'To whom or where, as people read it.' }),
  label: Type.String({ description: 'What it is called, such as “Mail to desk@place.example”.' }),
  state,
  attempts: Type.Integer(),
  dueAt: Type.Integer({ description: 'When it is tried next.' }),
  lastAt: nullable(Type.Integer()),
  lastError: nullable(Type.String()),
  written: nullable(
    Type.Object(
      { by: Type.String(), subject: Type.String(), text: Type.String() },
      {
        additionalProperties: false,
        description: 'What somebody of the site wrote by hand, where they did.',
      },
    ),
  ),
});

export const repeated = answer('RepeatedDelivery', { id: Type.String(), state });

export const repeatedAll = answer('RepeatedDeliveries', {
  repeated: Type.Integer({ description: 'How many there were.' }),
});

/** A mail that somebody of the site wrote by hand. */
interface Written {
  by: string;
  subject: string;
  text: string;
}

/** What is told of a delivery. */
export const toldOfDelivery = (entity: DeliveryEntity) => {
  const { id, type, target, state, attempts, dueAt, lastAt, lastError } = entity;
  const { by, subject, text } = entity.settings as Partial<Written>;
  return {
    ...{ id, type, target, label: deliveryLabel(entity), state, attempts, dueAt, lastAt, lastError },
    written: by !== undefined && subject !== undefined && text !== undefined ? { by, subject, text } : null,
  };
};
