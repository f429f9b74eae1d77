import { valueAt } from '@sirene/core/base/maps';
import {
  applyOperation,
  childrenOf,
  duplicate,
  insertBranch,
  insertNew,
  inTurn,
  moveByKey,
  parentOf,
  pasteStyle,
  rootsOf,
  styleOf,
  topmost,
  type Branch,
  type Direction,
  type NewElement,
  type Operation,
} from '@sirene/core/document/widget';
import { useEffect, useRef } from 'react';
import { isTyping, onPress } from '../app/keymap.ts';
import { copiedElements, readClip, writeClip, type Clip } from './clipboard.ts';
import { useEditing } from './state/editing.ts';
import { useSelection } from './state/selection.ts';
import { useView } from './state/view.ts';

// A style that was copied, for those who paste it by key: pages may not read the clipboard unasked.
let copiedStyle: Extract<Clip, { sirene: 'style' }>['style'] | null = null;

/** What can be done to all that is selected, from anywhere. */
export function useElementCommands() {
  const { session } = useEditing();
  const { selection, also, select, selectAll } = useSelection();
  const { scene } = useView();
  const chosen = () => topmost(session.document, selection === null ? [] : [selection, ...also]);
  const run = (operation: Operation | null) => operation && session.apply(operation);

  const removeSelected = () => {
    const { document } = session;
    const ids = chosen();
    const [first] = ids;
    const parent = first && parentOf(document.elements, first);
    if (!parent) return;
    const siblings = childrenOf(valueAt(document.elements, parent));
    const left = siblings.filter((id) => !ids.includes(id));
    const at = siblings.indexOf(first);
    const next = siblings.slice(at).find((id) => left.includes(id)) ?? left.at(-1);
    const isRoot = rootsOf(document).some(([, root]) => root === parent);
    select(next ?? (isRoot ? null : parent));
    run(inTurn(document, ids, (_, id) => ({ type: 'remove', id })));
  };

  const duplicateSelected = () => {
    const made: string[] = [];
    const operation = inTurn(session.document, chosen(), (document, id) => {
      const edit = duplicate(document, id, Math.random);
      if (edit) made.push(edit.id);
      return edit?.operation ?? null;
    });
    run(operation);
    selectAll(made);
  };

  const moveSelected = (direction: Direction) => {
    const ids = chosen();
    // Going down the last goes first, or they would only change places among themselves.
    const inOrder = direction === 'down' ? ids.toReversed() : ids;
    run(inTurn(session.document, inOrder, (document, id) => moveByKey(document, id, direction)));
  };

  /** Adds a new element after the selection, or inside it. */
  const add = (element: NewElement) => {
    const edit = insertNew(session.document, element, selection, scene, Math.random);
    if (!edit) return;
    session.apply(edit.operation);
    select(edit.id);
  };

  /** Puts copies of branches behind the selection, one after the other. */
  const insert = (branches: readonly Branch[]) => {
    const made: string[] = [];
    const operations: Operation[] = [];
    let { document } = session;
    for (const branch of branches) {
      const edit = insertBranch(document, branch, made.at(-1) ?? selection, scene, Math.random);
      if (!edit) continue;
      made.push(edit.id);
      operations.push(edit.operation);
      document = applyOperation(document, edit.operation).document;
    }
    if (operations.length === 0) return;
    session.apply({ type: 'group', operations });
    selectAll(made);
  };

  const copyStyle = () => {
    copiedStyle = selection === null ? null : styleOf(session.document, selection);
  };
  const putStyle = () => {
    if (copiedStyle && selection !== null)
      run(pasteStyle(session.document, [selection, ...also], copiedStyle));
  };
  return { chosen, add, removeSelected, duplicateSelected, moveSelected, insert, copyStyle, putStyle };
}

/** Keys that work all over the editor, except where text is being typed. */
export function useEditorKeys(): void {
  const { session } = useEditing();
  const commands = useElementCommands();
  const latest = useRef({ session, ...commands });
  useEffect(() => {
    latest.current = { session, ...commands };
  });
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const at = latest.current;
      if (onPress(event, { undo: session.undo, redo: session.redo }) || isTyping(event.target)) return;
      onPress(event, {
        copyStyle: at.copyStyle,
        pasteStyle: at.putStyle,
        duplicate: at.duplicateSelected,
        remove: at.removeSelected,
      });
    };
    const onClip = (event: ClipboardEvent) => {
      const at = latest.current;
      const data = event.clipboardData;
      if (!data || isTyping(event.target) || document.querySelector('[role=dialog][data-state=open]')) return;
      if (event.type === 'paste') {
        const clip = readClip(data);
        if (clip?.sirene !== 'elements') return;
        event.preventDefault();
        return at.insert(clip.branches);
      }
      const clip = copiedElements(session.document, at.chosen());
      // A passage of text that is marked on the page is copied as everywhere.
      if (!clip || !getSelection()?.isCollapsed) return;
      event.preventDefault();
      writeClip(data, clip);
      if (event.type === 'cut') at.removeSelected();
    };
    document.addEventListener('keydown', onKey);
    for (const type of ['copy', 'cut', 'paste'] as const) document.addEventListener(type, onClip);
    return () => {
      document.removeEventListener('keydown', onKey);
      for (const type of ['copy', 'cut', 'paste'] as const) document.removeEventListener(type, onClip);
    };
  }, [session]);
}
