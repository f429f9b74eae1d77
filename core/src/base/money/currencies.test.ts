import { commonCurrencies, currencies } from './index.js';

test('each currency is there once, has a name, and is none that has been replaced', () => {
  const names = new Intl.DisplayNames('en', { type: 'currency', fallback: 'none' });
  expect(new Set(currencies).size).toBe(currencies.length);
  expect(currencies.filter((code) => !/^[A-Z]{3}$/.test(code))).toEqual([]);
  // XCG is younger than some of the tables that names come from.
  expect(currencies.filter((code) => code !== 'XCG' && names.of(code) === undefined)).toEqual([]);
  for (const gone of ['DEM', 'FRF', 'HRK', 'BGN', 'ANG', 'XAU', 'XXX'])
    expect(currencies).not.toContain(gone);
  for (const common of commonCurrencies) expect(currencies).toContain(common);
});
