import { Type } from '@sinclair/typebox';

/** RFC 5321, 4.5.3.1.3: characters of a path, its angle brackets left out. */
const longest = 254;
const pattern = '^[^\\s@<>,;"]+@[^\\s@<>,;"]+\\.[^\\s@<>,;"]+$';

/** Whether a text may be a recipient of a notification. */
export function isMailAddress(text: string): boolean {
  return text.length <= longest && new RegExp(pattern).test(text);
}

export const mailAddress = Type.String({
  maxLength: longest,
  pattern,
  description: 'must be an e-mail address, such as desk@place.example',
});
