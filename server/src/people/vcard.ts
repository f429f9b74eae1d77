import {
  CategoriesProperty,
  DateTimeType,
  EmailProperty,
  FNProperty,
  RevProperty,
  TelProperty,
  TextListType,
  TextType,
  UIDProperty,
  VCARD,
} from 'vcard4';
import type { PersonEntity } from './people.entity.js';

// A card is a line for each fact: what would end a line has no place in one.
const inLine = (text: string): string => text.replace(/[\p{Cc}\s]+/gu, ' ').trim();

/** A person as a vCard 4.0 (RFC 6350). */
export function vcardOf({ id, name, email, phone, tags, lastAt }: PersonEntity): string {
  const rev = new Date(lastAt).toISOString().replace(/[-:]|\.\d+/g, '');
  const card = new VCARD([
    new FNProperty([], new TextType(inLine(name) || email || phone)),
    ...(email === '' ? [] : [new EmailProperty([], new TextType(inLine(email)))]),
    ...(phone === '' ? [] : [new TelProperty([], new TextType(phone))]),
    new UIDProperty([], new TextType(id)),
    new RevProperty([], new DateTimeType('timestamp', rev)),
    ...(tags.length > 0
      ? [new CategoriesProperty([], new TextListType(tags.map((tag) => new TextType(inLine(tag)))))]
      : []),
  ]);
  return card.repr();
}
