import type { InvoiceUnit } from '@sirene/core/invoice';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Somebody who sells or buys. */
export interface Party {
  name: string;
  email: string;
  street: string;
  postcode: string;
  city: string;
  /** ISO 3166-1, two letters. */
  country: string;
  /** The VAT number, where there is one. */
  taxId: string;
}

/** A line of an invoice, and an entry of the catalogue that lines are taken from. */
export interface Item {
  name: string;
  unit: InvoiceUnit;
  /** For one, without tax, in the smallest unit of the currency. */
  price: number;
  /** Percent. */
  rate: number;
}

export interface Line extends Item {
  quantity: number;
}

/** An invoice: a draft until it has its number, and never changed after that. */
@Entity('invoice')
export class InvoiceEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text', { nullable: true }) personId: string | null;
  /** Null while it is a draft. */
  @Column('text', { nullable: true }) number: string | null;
  /** Who sold, as it was when the number was given. */
  @Column('simple-json', { nullable: true }) seller: Seller | null;
  @Column('simple-json') buyer: Party;
  @Column('simple-json') lines: Line[];
  @Column('text') currency: string;
  /** ISO 8601 dates. */
  @Column('text', { nullable: true }) issuedOn: string | null;
  @Column('text') dueOn: string;
  @Column('text') note: string;
  @Column('integer') createdAt: number;
  @Column('integer', { nullable: true }) sentAt: number | null;
  @Column('integer', { nullable: true }) paidAt: number | null;
}

/** Who sells, and what stands on every invoice of theirs. */
export interface Seller extends Party {
  /** Where it is paid to. */
  iban: string;
  /** Why no tax is due, where a rate is nothing. */
  exemption: string;
  foot: string;
}

/** How a site writes its invoices. */
@Entity('invoice_settings')
export class InvoiceSettingsEntity {
  @PrimaryColumn('text') siteId: string;
  @Column('simple-json') seller: Seller;
  @Column('simple-json') items: Item[];
  @Column('text') series: string;
  /** The number that the next one gets. */
  @Column('integer') next: number;
  @Column('integer') dueDays: number;
  @Column('text') currency: string;
}
