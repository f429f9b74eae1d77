/** What can be the number of a card (ISO/IEC 7812): 13 to 19 digits, in groups or not. */
const digits = /(?<![\d])\d(?:[ -]?\d){12,18}(?![\d])/g;

/** Whether the last digit is the check digit of those before it (ISO/IEC 7812-1, annex B). */
function checks(number: string): boolean {
  const sum = [...number].reverse().reduce((total, digit, at) => {
    const value = Number(digit) * (at % 2 === 0 ? 1 : 2);
    return total + (value > 9 ? value - 9 : value);
  }, 0);
  return sum % 10 === 0;
}

/**
 * A text without the numbers of payment cards, which nobody should send and nothing should keep; the last four digits stay.
 *
 * @example withoutCards('It is 4111 1111 1111 1111') // 'It is •••• 1111'
 */
export const withoutCards = (text: string): string =>
  text.replace(digits, (found) => {
    const number = found.replace(/\D/g, '');
    return checks(number) ? `•••• ${number.slice(-4)}` : found;
  });
