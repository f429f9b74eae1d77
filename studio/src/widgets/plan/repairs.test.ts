import { createWidget } from '@sirene/core/document/widget';
import { targetingParts } from '@sirene/core/behaviour';
import { before, offPage } from './repairs.ts';

const widget = createWidget('Moon letter');
const pagesOf = (document: typeof widget) => targetingParts(document.behaviour.targeting).pages;

describe('repairing a clash', () => {
  it('puts a widget one before the other, and no further than priority goes', () => {
    expect(before(3)(widget).behaviour.priority).toBe(4);
    expect(before(100)(widget).behaviour.priority).toBe(100);
  });

  it('keeps a widget off a page by its path', () => {
    const repaired = offPage('https://larkmoor.example/visit?from=mail#hours')(widget);
    expect(pagesOf(repaired)).toMatchObject({ include: [], exclude: ['/visit'] });
  });

  it('excludes a page once, however often it is asked', () => {
    const visit = offPage('https://larkmoor.example/visit');
    const shop = offPage('https://larkmoor.example/shop');
    expect(pagesOf(visit(shop(visit(widget)))).exclude).toEqual(['/visit', '/shop']);
  });

  it('changes nothing else, nor the document that it was given', () => {
    const untouched = structuredClone(widget);
    const { behaviour, ...rest } = offPage('https://larkmoor.example/visit')(before(1)(widget));
    const { behaviour: asBefore, ...restBefore } = untouched;
    expect(rest).toEqual(restBefore);
    expect({ ...behaviour, targeting: null, priority: 0 }).toEqual({
      ...asBefore,
      targeting: null,
      priority: 0,
    });
    expect(widget).toEqual(untouched);
  });
});
