import { isDeepStrictEqual } from 'node:util';
import { replaceInDocument } from '@sirene/core/review/brand';
import { foreign } from '@sirene/core/compile/foreign';
import { compileWidget, type CompiledWidget } from '@sirene/core/compile';
import type { Brand } from '@sirene/core/style';
import type { WidgetDocument } from '@sirene/core/document/widget';

/** A widget that a brand makes look different. */
export interface TouchedWidget {
  id: string;
  name: string;
  published: boolean;
  before: CompiledWidget;
  after: CompiledWidget;
}

interface Input {
  widgets: { id: string; document: WidgetDocument; published: boolean }[];
  before: Brand;
  after: Brand;
  /** For tokens that go: the token that takes their place. */
  replacements: Record<string, string>;
}

/** Compiles each widget with both brands; returns those that come out different. */
export function previewBrand({ widgets, before, after, replacements }: Input): TouchedWidget[] {
  return widgets.flatMap(({ id, document, published }) => {
    const old = compileWidget(document, before, foreign);
    const next = compileWidget(replaceInDocument(document, replacements), after, foreign);
    return isDeepStrictEqual(old, next)
      ? []
      : [{ id, name: document.name, published, before: old, after: next }];
  });
}
