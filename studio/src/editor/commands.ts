import { childrenOf, duplicate, parentOf } from '@sirene/core/widget';
import { useEffect } from 'react';
import { useEditor } from './state/editor.tsx';

/** What can be done to the selected element from anywhere. */
export function useElementCommands() {
  const { session, selection, select } = useEditor();
  const removeSelected = () => {
    const { document } = session;
    const parent = selection && parentOf(document.elements, selection);
    if (!selection || !parent) return;
    const siblings = childrenOf(document.elements[parent]);
    const at = siblings.indexOf(selection);
    const isRoot = Object.values(document.scenes).some(({ root }) => root === parent);
    select(siblings[at + 1] ?? siblings[at - 1] ?? (isRoot ? null : parent));
    session.apply({ type: 'remove', id: selection });
  };
  const duplicateSelected = () => {
    const edit = selection && duplicate(session.document, selection, Math.random);
    if (!edit) return;
    session.apply(edit.operation);
    select(edit.id);
  };
  return { removeSelected, duplicateSelected };
}

/** Keys that work all over the editor, except where text is being typed. */
export function useEditorKeys(): void {
  const { session } = useEditor();
  const { removeSelected, duplicateSelected } = useElementCommands();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const typing = target.matches('input, textarea, select, [contenteditable]');
      const key = event.key.toLowerCase();
      const control = event.ctrlKey || event.metaKey;
      if (control && key === 'z') run(event, event.shiftKey ? session.redo : session.undo);
      else if (control && key === 'y') run(event, session.redo);
      else if (!typing && control && key === 'd') run(event, duplicateSelected);
      else if (!typing && (key === 'delete' || key === 'backspace')) run(event, removeSelected);
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  });
}

function run(event: KeyboardEvent, command: () => void): void {
  event.preventDefault();
  command();
}
