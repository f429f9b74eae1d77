import type { WidgetDocument, Branch, CopiedStyle } from '@sirene/core/document/widget';
import { branchOf, branchProblems, topmost } from '@sirene/core/document/widget';

/** What is copied in one widget and pasted in another, of any site: JSON, as plain text too. */
export type Clip = { sirene: 'elements'; branches: Branch[] } | { sirene: 'style'; style: CopiedStyle };

const type = 'application/x-sirene+json';

/** Elements as they go onto the clipboard, with all that they hold; `null` where none of them can. */
export function copiedElements(document: WidgetDocument, ids: readonly string[]): Clip | null {
  const branches = topmost(document, ids).map((id) => branchOf(document, id));
  return branches.length > 0 ? { sirene: 'elements', branches } : null;
}

/** Writes elements or a style onto the clipboard, as text that any editor of Sirene reads. */
export function writeClip(data: DataTransfer, clip: Clip): void {
  const text = JSON.stringify(clip);
  data.setData(type, text);
  data.setData('text/plain', text);
}

/** Reads what was copied; `null` for anything else that may be on the clipboard, unsound elements among it. */
export function readClip(data: Pick<DataTransfer, 'getData'>): Clip | null {
  const text = data.getData(type) || data.getData('text/plain');
  if (!text.startsWith('{"sirene"')) return null;
  try {
    const clip = JSON.parse(text) as Clip;
    if (clip.sirene === 'style') return typeof clip.style?.role === 'string' ? clip : null;
    if (clip.sirene !== 'elements' || !Array.isArray(clip.branches)) return null;
    return clip.branches.every((branch) => branchProblems(branch).length === 0) ? clip : null;
  } catch {
    return null;
  }
}
