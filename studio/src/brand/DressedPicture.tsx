import useSWRImmutable from 'swr/immutable';
import { get, type Widget } from '../shared/api.ts';
import { BodyPicture } from '../shared/BodyPicture.tsx';
import type { DraftPicture } from '../shared/draft-picture.ts';
import { WidgetPicture } from '../shared/WidgetPicture.tsx';

/** The picture of a saved draft, dressed in a brand that is being edited. */
export function DressedPicture({ id, version, brand, ...size }: DraftPicture) {
  const { data } = useSWRImmutable([`/api/widgets/${id}`, version], ([path]) => get<Widget>(path));
  return data ? (
    <WidgetPicture document={data.document} brand={brand} {...size} />
  ) : (
    <BodyPicture body={undefined} {...size} />
  );
}
