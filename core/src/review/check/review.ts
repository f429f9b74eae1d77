import { specOfAction, toldBy } from '../../actions/index.js';
import { valueAt } from '../../base/maps/index.js';
import { documentAliases } from '../brand/index.js';
import { definitionOf, type Element } from '../../document/elements/index.js';
import { brandTokens, noLook, type Brand } from '../../style/index.js';
import { targetingParts } from '../../behaviour/index.js';
import type { Station } from '../sentence/index.js';
import type { WidgetDocument } from '../../document/widget/index.js';

/** Something of a copy that may still be meant for where it came from. */
export interface ReviewItem {
  /** What it is, such as "Notification". */
  title: string;
  /** What it says now. */
  says: string[];
  /** Where it is changed: a station of the journey, or elements. */
  station?: Station;
  elements?: string[];
  /** It can't work as it is. */
  broken?: boolean;
}

/** The short list of what is worth checking in a copy: name, recipients, pages, links, and what its brand does not have. */
export function reviewOf(document: WidgetDocument, brand: Brand): ReviewItem[] {
  const items: ReviewItem[] = [{ title: 'Name', says: [document.name] }];
  const { behaviour, afterwards, elements } = document;
  for (const action of afterwards.actions) {
    const told = toldBy(action);
    const title = specOfAction(action)?.label ?? action.type;
    if (told.length > 0) items.push({ title, says: [...told], station: 'afterwards' });
  }
  if (afterwards.visitor.type === 'page')
    items.push({
      title: 'Page after a submission',
      says: [afterwards.visitor.address || 'none yet'],
      station: 'afterwards',
    });
  const { include, exclude } = targetingParts(behaviour.targeting).pages;
  if (include.length + exclude.length > 0)
    items.push({
      title: 'Pages',
      says: [...include, ...exclude.map((pattern) => `not ${pattern}`)],
      station: 'arrive',
    });
  const links = Object.entries(elements).flatMap(([id, element]) =>
    addressesOf(element).map((address): [string, string] => [id, address]),
  );
  if (links.length > 0)
    items.push({
      title: 'Links',
      says: links.map(([id, address]) => `${titleOf(valueAt(elements, id) as Element)}: ${address}`),
      elements: links.map(([id]) => id),
    });
  const known = brandTokens(brand);
  const tokens = documentAliases(document).filter((path) => !known.has(path));
  if (tokens.length > 0) items.push({ title: 'Tokens this brand does not have', says: tokens, broken: true });
  const worn = [document.look, ...Object.values(elements).map(({ look }) => look)];
  const looks = [
    ...new Set(worn.filter((look) => look !== undefined && look !== noLook && !valueAt(brand.looks, look))),
  ];
  if (looks.length > 0)
    items.push({ title: 'Looks this brand does not have', says: looks as string[], broken: true });
  return items;
}

const titleOf = (element: Element): string => element.title ?? definitionOf(element).title(element);

/** Every address that an element leads to. */
function addressesOf(element: Element): string[] {
  const found: unknown[] = [];
  if ('action' in element && element.action.type === 'link') found.push(element.action.address);
  if ('address' in element) found.push(element.address);
  if ('link' in element) found.push(element.link);
  if (element.type === 'text') found.push(...element.content.map(({ link }) => link));
  if (element.type === 'links') found.push(...element.items.map(({ address }) => address));
  return found.filter((one): one is string => typeof one === 'string' && one !== '');
}
