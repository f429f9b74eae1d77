import type { PartName } from '../document/parts/index.js';
import type { CompiledWidget } from './compiled.js';

/** The parts of the page's script that a widget needs while it is there: those of its elements, its forms and its placement. */
export function partsNeeded({ scripts, forms, placement }: CompiledWidget): PartName[] {
  return [
    ...scripts,
    ...(Object.keys(forms).length > 0 ? (['form'] as const) : []),
    ...(placement.type === 'anchored' ? (['anchor'] as const) : []),
  ];
}
