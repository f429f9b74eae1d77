import { Injectable } from '@nestjs/common';
import { amountIn, type Action } from '@sirene/core/actions';
import { minorUnits } from '@sirene/core/base/money';
import { LeadsService } from '../../leads/leads.service.js';
import { Unwanted, type ActionHandler, type Errand, type Sent } from '../handler.js';
import { answersOf } from '../../people/answers-of.js';
import { filledSubject } from '../mail-words.js';

type Lead = Extract<Action, { type: 'lead' }>;

/** Makes a lead of whoever sent a submission. */
@Injectable()
export class LeadHandler implements ActionHandler<Lead> {
  constructor(private readonly leads: LeadsService) {}

  /** Nobody becomes a lead who has left no address. */
  targets({ stage, title, value = '', currency = 'EUR' }: Lead, { email }: Sent) {
    if (email === '' || stage.trim() === '') return [];
    return [{ target: email, settings: { stage: stage.trim(), title, value, currency } }];
  }

  /** May be called more than once for a delivery: it makes one lead. */
  run(errand: Errand): Promise<void> {
    const { delivery, submission, person, site } = errand;
    if (!person) throw new Unwanted('Whoever sent it is not known here any more.');
    const { stage, title, value, currency } = delivery.settings as Required<Omit<Lead, 'type' | 'when'>>;
    return this.leads.make({
      siteId: site.id,
      personId: person.id,
      stage,
      title: filledSubject(title, errand).slice(0, 200) || submission.widgetName,
      units: unitsOf(value, currency, errand),
      currency,
      submissionId: submission.id,
      deliveryId: delivery.id,
    });
  }
}

/** What a lead is worth: a number, or the answer of a field that is one; null where it is neither. */
function unitsOf(value: string, currency: string, { submission }: Errand): number | null {
  const amount = amountIn(value, answersOf(submission.fields));
  return amount === null ? null : minorUnits(amount, currency);
}
