import type { CompiledWidget } from '@sirene/core/render';
import { useEffect, useState } from 'react';
import useSWRImmutable from 'swr/immutable';
import { get } from '../shared/api.ts';
import { BodyPicture } from '../shared/BodyPicture.tsx';
import type { DraftPicture } from '../shared/draft-picture.ts';
import { pictures } from '../shared/in-turn.ts';

/**
 * The picture of a saved draft, fetched once it is wanted. It comes compiled: what compiles is 90 kB of script, which the
 * first place of the studio does without.
 */
export function SavedPicture({ id, version, brand, ...size }: DraftPicture) {
  // In its turn: rows that are scrolled past ask for nothing.
  const [wanted, setWanted] = useState(false);
  useEffect(() => pictures.add(() => setWanted(true)), []);
  const { data } = useSWRImmutable(
    wanted ? ([`/api/widgets/${id}/picture`, version, brand] as const) : null,
    ([path]) => get<CompiledWidget>(path),
  );
  return <BodyPicture body={data} {...size} />;
}
