import { foreign } from '@sirene/core/compile/foreign';
import { compileWidget, type CompiledWidget } from '@sirene/core/compile';
import type { Brand } from '@sirene/core/style';
import type { WidgetDocument } from '@sirene/core/document/widget';

/** Compiles documents with one brand, markup and style of the designer's own among them. */
export const compile = ({
  documents,
  brand,
}: {
  documents: readonly WidgetDocument[];
  brand: Brand;
}): CompiledWidget[] => documents.map((document) => compileWidget(document, brand, foreign));
