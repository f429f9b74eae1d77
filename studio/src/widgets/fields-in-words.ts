import { elementDefinitions, fieldSpec } from '@sirene/core/document/elements';
import type { TakenForm } from '../shared/api/index.ts';

/** The fields of a form that was taken over, each with what it became. */
export const fieldsInWords = ({ fields }: TakenForm): { key: string; label: string; says: string }[] =>
  fields.map((field) => {
    const kind = field['kind'];
    const options = field['options'];
    const type = typeof kind === 'string' ? fieldSpec(kind).label : elementDefinitions[field.type].label;
    const says = [
      type,
      ...(field['required'] === true ? ['required'] : []),
      ...(Array.isArray(options) && kind !== 'consent' ? [`${options.length} options`] : []),
    ];
    return {
      key: String(field['key']),
      label: String(field['label'] || field['key']),
      says: says.join(', '),
    };
  });
