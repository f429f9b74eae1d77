import type { Brand, State } from '@sirene/core/style';
import type { SceneName, WidgetDocument } from '@sirene/core/document/widget';
import { BodyPreview } from './BodyPreview.tsx';
import { useCompiled } from './use-compiled.ts';

interface Props {
  document: WidgetDocument;
  brand: Brand;
  width: number;
  height: number;
  scene?: SceneName;
  state?: State | null;
}

/** A small true preview of a widget as its document says. */
export function WidgetPreview({ document, brand, ...size }: Props) {
  return <BodyPreview body={useCompiled(document, brand)} {...size} />;
}
