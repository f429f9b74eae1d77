import { shippedFonts } from '@sirene/core/style';
import { Choice } from '../Choice.tsx';
import { tokensOf, type StyleControlProps } from './control-props.ts';

/** A typeface: one of the brand's roles, one of the site's own, or one that ships with Sirene. */
export function FontControl({ id, property, value, css, brand, onChange }: StyleControlProps) {
  const roles = tokensOf(brand, property.tokens).map(({ path, name }) => [`{${path}}`, `Brand: ${name}`]);
  const families = [...new Set([...brand.fonts, ...shippedFonts].map(({ family }) => family))];
  const options: Record<string, string> = Object.fromEntries([
    ...roles,
    ...families.map((family) => [`"${family}", sans-serif`, family]),
    ['system-ui, sans-serif', 'System font'],
  ]);
  const own = typeof value === 'string' && !(value in options) ? { [value]: css } : {};
  return <Choice id={id} value={String(value ?? '')} options={{ ...options, ...own }} onChange={onChange} />;
}
