import fc from 'fast-check';
import { covered, coversOf, type Slot } from './slots.js';

const desk = 1280;
const phone = 390;
const slots: Slot[] = [
  'none',
  'centre',
  'top-left',
  'top',
  'top-right',
  'right',
  'bottom-right',
  'bottom',
  'bottom-left',
  'left',
  'top-bar',
  'bottom-bar',
  'launcher-bottom-right',
  'launcher-bottom-left',
];
const onEachOther = (one: Slot, other: Slot, width: number): boolean =>
  covered(coversOf(one), coversOf(other), width);

describe('places in the window', () => {
  it.each<[Slot, Slot, number, boolean]>([
    ['bottom-right', 'bottom-right', desk, true],
    ['bottom-right', 'bottom-left', desk, false],
    // A box is as wide as a phone's window.
    ['bottom-right', 'bottom-left', phone, true],
    ['bottom-bar', 'bottom-left', desk, true],
    ['bottom-bar', 'top-bar', desk, false],
    ['bottom-bar', 'top-bar', phone, false],
    ['top-bar', 'top-right', desk, true],
    ['left', 'right', desk, false],
    ['left', 'right', phone, true],
    // What is folded to a button stays one on a phone.
    ['launcher-bottom-right', 'launcher-bottom-left', phone, false],
    ['launcher-bottom-right', 'bottom-left', phone, true],
    ['launcher-bottom-right', 'bottom-left', desk, false],
    ['launcher-bottom-right', 'bottom-right', desk, true],
    ['centre', 'bottom-right', desk, false],
    ['none', 'none', desk, false],
  ])('%s and %s in a window of %d px: %s', (one, other, width, lies) => {
    expect(onEachOther(one, other, width)).toBe(lies);
  });

  it('lie on one another either way round, and on a phone wherever they do on a desk', () => {
    const slot = fc.constantFrom(...slots);
    fc.assert(
      fc.property(slot, slot, (one, other) => {
        for (const width of [phone, desk])
          expect(onEachOther(one, other, width)).toBe(onEachOther(other, one, width));
        if (onEachOther(one, other, desk)) expect(onEachOther(one, other, phone)).toBe(true);
      }),
    );
  });

  it('change at 600 px, where a box at the rim is no longer as wide as the window', () => {
    expect(onEachOther('bottom-left', 'bottom-right', 599)).toBe(true);
    expect(onEachOther('bottom-left', 'bottom-right', 600)).toBe(false);
  });
});
