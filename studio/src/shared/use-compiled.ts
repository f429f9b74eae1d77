import { compileWidget, noForeign, type CompiledWidget } from '@sirene/core/compile';
import type { Brand } from '@sirene/core/style';
import { needsForeign, type WidgetDocument } from '@sirene/core/document/widget';
import { useMemo } from 'react';
import { useForeign } from './foreign.ts';

/** A widget compiled, and compiled anew once what makes its own markup safe has been loaded. */
export function useCompiled(document: WidgetDocument, brand: Brand): CompiledWidget {
  const foreign = useForeign(needsForeign(document));
  return useMemo(() => compileWidget(document, brand, foreign ?? noForeign), [document, brand, foreign]);
}
