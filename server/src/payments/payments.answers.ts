import { paymentIntervals, type PaymentInterval } from '@sirene/core/actions';
import { Type } from '@sinclair/typebox';
import { answer, nullable, oneOf } from '../shared/answers.js';
import { paymentStates, type PaymentEntity } from './payments.entity.js';

export const payment = answer('Payment', {
  id: Type.String(),
  units: Type.Integer({ description: 'In the smallest unit of the currency.' }),
  currency: Type.String(),
  interval: oneOf(Object.keys(paymentIntervals) as PaymentInterval[]),
  description: Type.String(),
  state: oneOf(paymentStates),
  since: Type.Integer({ description: 'Since when it stands so, ms.' }),
  trouble: nullable(Type.String({ description: 'What the payment service said that can’t be.' })),
});

export const toldOfPayment = ({
  id,
  units,
  currency,
  interval,
  description,
  state,
  since,
  trouble,
}: PaymentEntity) => ({
  ...{ id, units, currency, interval, description, state, since, trouble },
});

export const raised = answer('Raised', {
  units: Type.Integer({ description: 'In the smallest unit of the currency.' }),
  payments: Type.Integer(),
});
