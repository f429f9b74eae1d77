import { zoneTable } from '../base/zones/index.js';
import { deskOpen, type ChatHours } from './hours.js';

const at = (iso: string) => Date.parse(iso);
const london = zoneTable('Europe/London', at('2026-01-01T00:00Z'), at('2028-01-01T00:00Z'));
const evenings: ChatHours = {
  rows: [{ days: [3, 4, 5, 6, 7], from: '16:00', to: '23:00' }],
  except: [{ on: '2026-12-24', from: '10:00', to: '13:00' }, { on: '2026-12-25' }],
};

test.each<[string, string, boolean]>([
  ['an evening of its week', '2026-12-02T19:00Z', true],
  ['the minute at which it begins', '2026-12-02T16:00Z', true],
  ['the minute at which it ends', '2026-12-02T23:00Z', false],
  ['a day that is none of its week', '2026-12-01T19:00Z', false],
  ['an evening of an exception with other hours', '2026-12-24T19:00Z', false],
  ['the morning of an exception', '2026-12-24T10:30Z', true],
  ['the end of an exception', '2026-12-24T13:00Z', false],
  ['a day on which it is closed', '2026-12-25T19:00Z', false],
  // By London’s clocks it is 16:30 of a Wednesday in summer, and in winter 15:30.
  ['summer time, by the clocks there', '2027-07-07T15:30Z', true],
  ['winter time, by the clocks there', '2027-01-06T15:30Z', false],
])('%s: %s', (_, moment, open) => {
  expect(deskOpen(evenings, london, at(moment))).toBe(open);
});

test('without hours it is open always, but for its exceptions', () => {
  const always: ChatHours = { rows: [], except: [{ on: '2026-12-25' }] };
  expect(deskOpen(always, london, at('2026-12-24T03:00Z'))).toBe(true);
  expect(deskOpen(always, london, at('2026-12-25T03:00Z'))).toBe(false);
});

test('an exception is a date of the zone, whatever the date elsewhere', () => {
  const auckland = zoneTable('Pacific/Auckland', at('2026-01-01T00:00Z'), at('2028-01-01T00:00Z'));
  const always: ChatHours = { rows: [], except: [{ on: '2026-12-25' }] };
  expect(deskOpen(always, auckland, at('2026-12-24T12:00Z'))).toBe(false);
  expect(deskOpen(always, auckland, at('2026-12-25T12:00Z'))).toBe(true);
});

test('several exceptions of a date add up', () => {
  const twice: ChatHours = {
    rows: [],
    except: [
      { on: '2026-12-24', from: '09:00', to: '11:00' },
      { on: '2026-12-24', from: '14:00', to: '15:00' },
    ],
  };
  const open = ['08:59', '10:00', '12:00', '14:30', '15:00'].map((time) =>
    deskOpen(twice, london, at(`2026-12-24T${time}Z`)),
  );
  expect(open).toEqual([false, true, false, true, false]);
});
