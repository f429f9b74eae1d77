import type { FieldKind, FieldSpec } from './field.js';
import { email, emailSpec } from './fields/email.js';
import { longText, longTextSpec } from './fields/long-text.js';
import { name, nameSpec } from './fields/name.js';
import { text, textSpec } from './fields/text.js';

// Two lists, so that the page loads how a kind behaves without what the studio says about it.

/** How each kind of field behaves. */
export const fieldKinds: Readonly<Record<string, FieldKind>> = { name, email, text, 'long-text': longText };

/** How the studio offers each kind of field. */
export const fieldSpecs: readonly FieldSpec[] = [nameSpec, emailSpec, textSpec, longTextSpec];
