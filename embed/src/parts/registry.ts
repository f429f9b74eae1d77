import type { CompiledWidget } from '@sirene/core/compile';
import type { PartName } from '@sirene/core/document/parts';
import type { Attachable } from './part.ts';

/** What each part brings. The compiler asks for every part that core names. */
export interface Parts extends Record<PartName, object> {
  anchor: typeof import('./anchor.ts');
  form: typeof import('./form.ts');
  basket: typeof import('./basket.ts');
  countdown: typeof import('./countdown.ts');
}

/** The parts that a widget needs while it is there: those of its elements, and what its forms need. */
export const partsOf = ({ scripts, forms }: CompiledWidget): readonly PartName[] =>
  Object.keys(forms).length > 0 ? [...scripts, 'form'] : scripts;

/** Whether a part does something by itself once a widget is there. */
export const isAttachable = (part: object): part is Attachable => 'attach' in part;
