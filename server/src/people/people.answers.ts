import { spamReasons } from '@sirene/core/form';
import { Type } from '@sinclair/typebox';
import { delivery, toldOfDelivery } from '../actions/actions.answers.js';
import { payment, toldOfPayment } from '../payments/payments.answers.js';
import { answer, nullable } from '../shared/answers.js';
import type { SubmissionView } from './people.service.js';

export const submission = answer('Submission', {
  id: Type.String(),
  widget: Type.Object(
    { id: Type.String(), name: Type.String(), version: Type.Integer() },
    { additionalProperties: false, description: 'As it was called then.' },
  ),
  person: nullable(
    Type.Object(
      { id: Type.String(), name: Type.String(), email: Type.String(), phone: Type.String() },
      { additionalProperties: false },
    ),
  ),
  fields: Type.Array(
    Type.Object(
      {
        key: Type.String(),
        label: Type.String(),
        value: Type.String(),
        answer: Type.Optional(
          Type.Union([Type.Number(), Type.Array(Type.String())], {
            description: 'The same as data, where it is a number or several choices.',
          }),
        ),
        phone: Type.Optional(Type.String({ description: 'A phone number as E.164, where it can be told.' })),
        files: Type.Optional(
          Type.Array(
            Type.Object(
              { id: Type.String(), name: Type.String(), type: Type.String(), bytes: Type.Integer() },
              { additionalProperties: false },
            ),
          ),
        ),
        consent: Type.Optional(
          Type.Literal(true, {
            description: 'It is a consent that was given, its value is what they agreed to.',
          }),
        ),
      },
      { additionalProperties: false },
    ),
    { description: 'With the labels that the visitor saw.' },
  ),
  page: Type.String(),
  pageTitle: Type.String(),
  receivedAt: Type.Integer(),
  held: nullable(
    Type.Array(Type.String(), { description: 'Why it is held back as spam; null where it is not.' }),
  ),
  read: Type.Boolean({ description: 'Whether somebody of the site has looked at it.' }),
  assignee: nullable(
    Type.Object(
      { id: Type.String(), name: Type.String() },
      { additionalProperties: false, description: 'The member who has taken it on.' },
    ),
  ),
  deliveries: Type.Array(delivery),
  payment: nullable(payment),
});

export const submissionList = answer('SubmissionList', {
  total: Type.Integer({ description: 'How many match in all, as far as they are counted.' }),
  isMore: Type.Boolean({ description: 'Whether there are more than were counted.' }),
  unread: Type.Integer({ description: 'How many of the site nobody has looked at yet.' }),
  held: Type.Integer({ description: 'How many of the site are held back as spam.' }),
  failed: Type.Integer({
    description: 'How many actions of the site have failed, and are not tried again by themselves.',
  }),
  next: nullable(Type.String({ description: 'The cursor of the next page, to be given as `after`.' })),
  submissions: Type.Array(submission),
});

export const toldOfSubmission = ({
  submission: sent,
  person,
  deliveries,
  payment: due,
  assignee,
}: SubmissionView) => ({
  id: sent.id,
  widget: { id: sent.widgetId, name: sent.widgetName, version: sent.versionNumber },
  person: person && { id: person.id, name: person.name, email: person.email, phone: person.phone },
  fields: sent.fields,
  page: sent.page,
  pageTitle: sent.pageTitle,
  receivedAt: sent.receivedAt,
  held: sent.held && sent.held.reasons.map((reason) => spamReasons[reason]),
  read: sent.readAt !== null,
  assignee: assignee && { id: assignee.id, name: assignee.name },
  deliveries: deliveries.map(toldOfDelivery),
  payment: due && toldOfPayment(due),
});

export const olderSubmissions = answer('OlderSubmissions', {
  older: Type.Integer(),
  all: Type.Integer(),
});
