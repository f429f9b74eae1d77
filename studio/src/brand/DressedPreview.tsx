import useSWRImmutable from 'swr/immutable';
import { get, widgetPath } from '../shared/api/index.ts';
import { BodyPreview } from '../shared/BodyPreview.tsx';
import type { DraftPreview } from '../shared/draft-preview.ts';
import { WidgetPreview } from '../shared/WidgetPreview.tsx';

/** The preview of a saved draft, dressed in a brand that is being edited. */
export function DressedPreview({ id, version, brand, ...size }: DraftPreview) {
  const { data } = useSWRImmutable([widgetPath(id), version], ([path]) => get(path));
  return data ? (
    <WidgetPreview document={data.document} brand={brand} {...size} />
  ) : (
    <BodyPreview body={undefined} {...size} />
  );
}
