import { useEffect, useState } from 'react';
import useSWRImmutable from 'swr/immutable';
import { at, get } from '../shared/api/index.ts';
import { BodyPreview } from '../shared/BodyPreview.tsx';
import type { DraftPreview } from '../shared/draft-preview.ts';
import { previews } from '../shared/in-turn.ts';

/**
 * The preview of a saved draft, fetched once it is wanted. It comes compiled: what compiles is 90 kB of script, which the
 * first place of the studio does without.
 */
export function SavedPreview({ id, version, brand, ...size }: DraftPreview) {
  // In its turn: rows that are scrolled past ask for nothing.
  const [wanted, setWanted] = useState(false);
  useEffect(() => previews.add(() => setWanted(true)), []);
  const { data } = useSWRImmutable(
    wanted ? ([at('/api/widgets/{widget}/preview', { widget: id }), version, brand] as const) : null,
    ([path]) => get(path),
  );
  return <BodyPreview body={data} {...size} />;
}
