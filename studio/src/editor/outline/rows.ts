import { valueAt } from '@sirene/core/base/maps';
import { childrenOf, type SceneName, type WidgetDocument } from '@sirene/core/document/widget';

/** A line of the outline. */
export interface OutlineRow {
  id: string;
  depth: number;
  /** What a region is called; its root can be neither moved nor taken away. */
  region?: string;
}

/** The elements of a scene below its root, in reading order, between those of the header and of the footer. */
export function outlineRows(document: WidgetDocument, scene: SceneName): OutlineRow[] {
  const below = (id: string, depth: number): OutlineRow[] =>
    childrenOf(valueAt(document.elements, id)).flatMap((child) => [
      { id: child, depth },
      ...below(child, depth + 1),
    ]);
  const region = (root: string | undefined, name: string): OutlineRow[] =>
    root ? [{ id: root, depth: 0, region: name }, ...below(root, 1)] : [];
  const { header, footer } = document.regions ?? {};
  const root = document.scenes[scene]?.root ?? document.scenes.opening.root;
  return [...region(header?.root, 'Header'), ...below(root, 0), ...region(footer?.root, 'Footer')];
}

/** The rows from one to another, both with it. */
export function rowsBetween(rows: readonly OutlineRow[], from: string, to: string): string[] {
  const [start, end] = [from, to].map((id) => rows.findIndex((row) => row.id === id)) as [number, number];
  if (start < 0 || end < 0) return [to];
  const ids = rows
    .slice(Math.min(start, end), Math.max(start, end) + 1)
    .filter(({ region }) => region === undefined)
    .map(({ id }) => id);
  return start <= end ? ids : ids.toReversed();
}
