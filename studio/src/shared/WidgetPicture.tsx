import { compileWidget, noForeign } from '@sirene/core/render';
import type { Brand, State } from '@sirene/core/style';
import { needsForeign, type SceneName, type WidgetDocument } from '@sirene/core/widget';
import { useMemo } from 'react';
import { BodyPicture } from './BodyPicture.tsx';
import { useForeign } from './foreign.ts';

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
  const foreign = useForeign(needsForeign(document));
  const body = useMemo(
    () => compileWidget(document, brand, foreign ?? noForeign),
    [document, brand, foreign],
  );
  return <BodyPicture body={body} {...size} />;
}
