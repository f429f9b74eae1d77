import { copyBranch, parentOf, childrenOf } from '@sirene/core/widget';
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
  const duplicate = () => {
    const { elements } = session.document;
    const parent = selection && parentOf(elements, selection);
    if (!selection || !parent) return;
    const branch = copyBranch(elements, selection, Math.random);
    const copied = branch.elements[branch.root];
    if (copied?.type === 'field') copied.key = freeKey(copied.key, Object.values(elements));
    session.apply({ type: 'insert', branch, parent, at: childrenOf(elements[parent]).indexOf(selection) + 1 });
    select(branch.root);
  };
  return { removeSelected, duplicate };
}

function freeKey(key: string, elements: readonly { type: string; key?: string }[]): string {
  const taken = new Set(elements.map((element) => element.key));
  let count = 2;
  while (taken.has(`${key}${count}`)) count++;
  return `${key}${count}`;
}

/** Keys that work all over the editor, except where text is being typed. */
export function useEditorKeys(): void {
  const { session } = useEditor();
  const { removeSelected, duplicate } = useElementCommands();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const typing = target.matches('input, textarea, select, [contenteditable]');
      const key = event.key.toLowerCase();
      const control = event.ctrlKey || event.metaKey;
      if (control && key === 'z') run(event, event.shiftKey ? session.redo : session.undo);
      else if (control && key === 'y') run(event, session.redo);
      else if (!typing && control && key === 'd') run(event, duplicate);
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
