import { invoiceUnits, type InvoiceUnit } from '@sirene/core/invoice';
import { Type } from '@sinclair/typebox';
import { answer, nullable, oneOf } from '../shared/answers.js';
import type { InvoiceEntity, InvoiceSettingsEntity } from './invoices.entity.js';

const strict = { additionalProperties: false };

const party = {
  name: Type.String(),
  email: Type.String(),
  street: Type.String(),
  postcode: Type.String(),
  city: Type.String(),
  country: Type.String(),
  taxId: Type.String(),
};

const item = {
  name: Type.String(),
  unit: oneOf(Object.keys(invoiceUnits) as InvoiceUnit[]),
  price: Type.Integer({ description: 'For one, without tax, in the smallest unit of the currency.' }),
  rate: Type.Number({ description: 'Percent.' }),
};

export const invoice = answer('Invoice', {
  id: Type.String(),
  person: nullable(Type.String()),
  number: nullable(Type.String({ description: 'Null while it is a draft.' })),
  buyer: Type.Object(party, strict),
  lines: Type.Array(Type.Object({ ...item, quantity: Type.Number() }, strict)),
  currency: Type.String(),
  issuedOn: nullable(Type.String()),
  dueOn: Type.String(),
  note: Type.String(),
  createdAt: Type.Integer(),
  sentAt: nullable(Type.Integer()),
  paidAt: nullable(Type.Integer()),
});

export const toldOfInvoice = ({ personId, siteId: _site, seller: _seller, ...own }: InvoiceEntity) => ({
  ...own,
  person: personId,
});

export const invoiceSettings = answer('InvoiceSettings', {
  seller: Type.Object(
    { ...party, iban: Type.String(), exemption: Type.String(), foot: Type.String() },
    strict,
  ),
  items: Type.Array(Type.Object(item, strict)),
  series: Type.String(),
  next: Type.Integer(),
  dueDays: Type.Integer(),
  currency: Type.String(),
});

export const toldOfSettings = ({ siteId: _, ...settings }: InvoiceSettingsEntity) => settings;
