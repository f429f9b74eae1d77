import type { Brand, State } from '@sirene/core/style';
import type { SceneName, WidgetDocument } from '@sirene/core/widget';
import { BodyPicture } from './BodyPicture.tsx';
import { useCompiled } from './use-compiled.ts';

interface Props {
  document: WidgetDocument;
  brand: Brand;
  width: number;
  height: number;
  scene?: SceneName;
  state?: State | null;
}

/** A small true picture of a widget as its document says. */
export function WidgetPicture({ document, brand, ...size }: Props) {
  return <BodyPicture body={useCompiled(document, brand)} {...size} />;
}
