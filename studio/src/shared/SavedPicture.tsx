import { Box } from '@chakra-ui/react';
import useSWRImmutable from 'swr/immutable';
import { get, type Brand, type Widget } from './api.ts';
import { WidgetPicture } from './WidgetPicture.tsx';

interface Props {
  id: string;
  /** The draft's version: another one is another picture. */
  version: number;
  brand: Brand;
  width: number;
  height: number;
}

/** The picture of a saved draft, which is fetched once the picture is wanted. */
export function SavedPicture({ id, version, brand, ...size }: Props) {
  const { data } = useSWRImmutable([`/api/widgets/${id}`, version], ([path]) => get<Widget>(path));
  return data ? (
    <WidgetPicture document={data.document} brand={brand} {...size} />
  ) : (
    <Box w={`${size.width}px`} h={`${size.height}px`} bg="wash" borderWidth="1px" rounded="sm" />
  );
}
