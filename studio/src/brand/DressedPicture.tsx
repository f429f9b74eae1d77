import useSWRImmutable from 'swr/immutable';
import { get, type Brand, type Widget } from '../shared/api.ts';
import { BodyPicture } from '../shared/BodyPicture.tsx';
import { WidgetPicture } from '../shared/WidgetPicture.tsx';

interface Props {
  id: string;
  /** The draft's version: another one is another picture. */
  version: number;
  /** The brand it is to be seen in, saved or not. */
  brand: Brand;
  width: number;
  height: number;
}

/** The picture of a saved draft, dressed in a brand that is being edited. */
export function DressedPicture({ id, version, brand, ...size }: Props) {
  const { data } = useSWRImmutable([`/api/widgets/${id}`, version], ([path]) => get<Widget>(path));
  return data ? (
    <WidgetPicture document={data.document} brand={brand} {...size} />
  ) : (
    <BodyPicture body={undefined} {...size} />
  );
}
