// What a restless hand does to any page: a random number by seed, and values that nobody means to type.

/** Numbers from 0 up to 1 that a seed decides (a linear congruential generator, Knuth, TAOCP 3.3.4). */
export function randomBy(seed) {
  let state = seed >>> 0;
  const random = () => (state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0) / 2 ** 32;
  const pick = (list) => list[Math.floor(random() * list.length)];
  return { random, pick };
}

export const values = [
  '',
  '0',
  '-3',
  '7',
  '40',
  '999',
  '100000',
  '1.5',
  '0.4',
  '50%',
  '90 %',
  '20rem',
  '12px',
  'banana',
  '#12',
  'transparent',
  '/shop',
  'javascript:alert(1)',
  'Mars/Base',
  '2027-13-45T99:00',
  'x'.repeat(400),
  '״שלום״ ',
  '<b>bold</b>',
  '{color.accent}',
  '   ',
];

/** What a control is called, as far as that can be told. */
export const labelOf = (control) =>
  control
    .evaluate((node) => {
      const by = node.getAttribute('aria-labelledby');
      const label =
        node.getAttribute('aria-label') ??
        (by && node.ownerDocument.getElementById(by)?.textContent) ??
        node.labels?.[0]?.textContent ??
        node.textContent ??
        '';
      return label.trim().slice(0, 40) || node.tagName.toLowerCase();
    })
    .catch(() => '?');

/** Notes what a page throws and what the server fails at. */
export function errorsOf(page) {
  const errors = [];
  page.on('pageerror', (error) => errors.push(error.message.split('\n')[0]));
  page.on('response', (response) => {
    if (response.status() >= 500)
      errors.push(`${response.status()} ${response.request().method()} ${new URL(response.url()).pathname}`);
  });
  return errors;
}
