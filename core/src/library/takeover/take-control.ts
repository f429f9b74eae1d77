import { DomUtils } from 'htmlparser2';
import { valueAt } from '../../base/maps/index.js';
import { fieldSpecs } from '../../form/index.js';
import type { Sketch } from '../sketch/index.js';
import { keyOf, labelOf, wordsOf, type HtmlElement } from './naming.js';

interface Found {
  control: HtmlElement;
  /** The type of an input; the element's own name for the others. */
  type: string;
  label: string;
  /** All controls of its name, itself among them: the choices of one question. */
  beside: readonly HtmlElement[];
  labels: readonly HtmlElement[];
}

/** What a control becomes, or what is said of one that becomes nothing. */
type Taken = { field: Sketch } | { left: string };

const kinds: Readonly<Record<string, string>> = {
  text: 'text',
  search: 'text',
  url: 'text',
  email: 'email',
  tel: 'phone',
  number: 'number',
  range: 'number',
  password: 'password',
  date: 'date',
  time: 'time',
  textarea: 'long-text',
};

/** Takes a control as a field of ours (HTML, 4.10.5: the types of inputs). */
export function takeControl(found: Found): Taken {
  const { control, type, label } = found;
  const { attribs } = control;
  if (type === 'hidden') return hidden(found);
  if (type === 'radio' || type === 'checkbox') return { field: choice(found) };
  if (type === 'select') return select(found);
  if (type === 'file') return { field: file(found) };
  const kind = kindOf(type, attribs, label);
  if (kind === undefined) return { left: `“${label}” (${type})` };
  const { placeholder, value } = attribs;
  const hint = attribs['title'] && attribs['title'] !== label ? attribs['title'] : '';
  const isText = kind === 'text' || kind === 'long-text' || kind === 'phone';
  return {
    field: {
      ...common(found),
      kind,
      ...limits(kind, attribs),
      ...(placeholder && placeholder !== label && { placeholder: placeholder.slice(0, 200) }),
      ...(hint && { hint: hint.slice(0, 300) }),
      ...(value && type !== 'password' && { initial: value.slice(0, 500) }),
      ...(isText && isPattern(attribs['pattern']) && { pattern: attribs['pattern'] }),
    },
  };
}

function kindOf(type: string, attribs: Readonly<Record<string, string>>, label: string): string | undefined {
  const kind = type === '' ? 'text' : (valueAt(kinds, type) ?? (isKnownType(type) ? undefined : 'text'));
  if (kind !== 'text') return kind;
  // What a text is for is often said only by its tokens for autofill (HTML, 4.10.18.7), or by its name.
  const says = `${attribs['autocomplete'] ?? ''} ${attribs['inputmode'] ?? ''}`;
  if (/\bemail\b/.test(says)) return 'email';
  if (/\btel\b/.test(says)) return 'phone';
  const isName =
    says.split(/\s+/).includes('name') || /^(full ?|your ?)?name$/i.test(attribs['name'] ?? label);
  return isName ? 'name' : 'text';
}

const isKnownType = (type: string): boolean => ['color', 'datetime-local', 'month', 'week'].includes(type);

const common = ({ control, label }: Found) => ({
  type: 'field' as const,
  key: keyOf(control, label),
  label,
  required: 'required' in control.attribs || control.attribs['aria-required'] === 'true',
});

function limits(kind: string, attribs: Readonly<Record<string, string>>): { min?: string; max?: string } {
  const spec = fieldSpecs.find((one) => one.kind === kind);
  if (!spec?.limits) return {};
  const isLength = kind === 'text' || kind === 'long-text';
  const [min, max] = isLength
    ? [attribs['minlength'], attribs['maxlength']]
    : [attribs['min'], attribs['max']];
  const shape = { number: /^-?\d+(\.\d+)?$/, date: /^\d{4}-\d\d-\d\d$/, time: /^\d\d:\d\d$/ }[
    spec.limits.takes
  ];
  const fits = (text: string | undefined): text is string => text !== undefined && shape.test(text);
  // A length beyond what the field takes anyway says nothing.
  const says = (text: string | undefined): text is string =>
    fits(text) && !(isLength && Number(text) >= spec.maxLength);
  if (
    fits(min) &&
    fits(max) &&
    (isLength ? Number(min) > Number(max) : min > max && spec.limits.takes !== 'number')
  )
    return {};
  return { ...(says(min) && { min }), ...(says(max) && { max }) };
}

function isPattern(pattern: string | undefined): boolean {
  if (!pattern || pattern.length > 200) return false;
  try {
    return new RegExp(`^(?:${pattern})$`, 'u') instanceof RegExp;
  } catch {
    return false;
  }
}

/** Radio buttons are one question, and so are checkboxes of one name; a checkbox by itself is something to agree to. */
function choice(found: Found): Sketch {
  const { control, type, beside, labels } = found;
  const isAlone = type === 'checkbox' && beside.length === 1;
  if (isAlone) return { ...common(found), kind: 'consent', label: 'Consent', options: [found.label] };
  const options = beside.map((one) => labelOf(one, labels) || one.attribs['value'] || '').filter(Boolean);
  const checked = beside.find(({ attribs }) => 'checked' in attribs);
  const initial = checked && (labelOf(checked, labels) || checked.attribs['value']);
  return {
    ...common(found),
    required:
      beside.some(({ attribs }) => 'required' in attribs) || control.attribs['aria-required'] === 'true',
    kind: type === 'radio' ? 'choice' : 'choices',
    options: distinct(options),
    ...(initial && { initial }),
  };
}

function select(found: Found): Taken {
  const { control, label } = found;
  // What stands for nothing chosen is none of the choices.
  const offered = DomUtils.getElementsByTagName('option', control, true).filter(
    ({ attribs }) => attribs['value'] !== '' && !('disabled' in attribs),
  );
  const options = distinct(offered.map(wordsOf));
  if (options.length === 0) return { left: `“${label}” (a select without options)` };
  const chosen = offered.find(({ attribs }) => 'selected' in attribs);
  const isSeveral = 'multiple' in control.attribs;
  return {
    field: {
      ...common(found),
      kind: isSeveral ? 'choices' : 'select',
      options,
      ...(chosen && { initial: wordsOf(chosen).slice(0, 500) }),
    },
  };
}

const distinct = (options: readonly string[]): string[] =>
  [...new Set(options.map((option) => option.slice(0, 500)).filter(Boolean))].slice(0, 200);

function file(found: Found): Sketch {
  const accept = found.control.attribs['accept'] ?? '';
  const [pictures, pdf] = [/image|\.(jpe?g|png|webp|gif|heic)/i.test(accept), /pdf/i.test(accept)];
  const documents = /word|excel|sheet|office|\.(docx|xlsx|pptx|odt|ods|odp)/i.test(accept);
  const types = [pictures && 'pictures', pdf && 'pdf', documents && 'documents'].filter(Boolean);
  return {
    ...common(found),
    type: 'file-field',
    ...(types.length > 0 && { types }),
    ...('multiple' in found.control.attribs && { most: 5 }),
  };
}

function hidden({ control }: Found): Taken {
  const { name = '', value = '' } = control.attribs;
  // What a page's own script or server made for this very page means nothing elsewhere.
  if (name === '' || value === '' || /token|csrf|nonce|captcha|secret/i.test(name))
    return { left: `“${name || 'hidden'}” (hidden, made by the page)` };
  const label = name.slice(0, 200);
  return {
    field: {
      type: 'hidden-field',
      key: keyOf(control, label),
      label,
      source: 'text',
      value: value.slice(0, 200),
    },
  };
}
