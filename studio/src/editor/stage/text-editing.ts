import { sameMarks, type Run } from '@sirene/core/elements';
import type { Element } from '@sirene/core/elements';
import type { EditSession } from '../state/edit-session.ts';
import type { StageController } from './stage-controller.ts';

/** Reads what was typed on the stage back into runs: marks and links are kept, all else is plain text. */
export function readRuns(node: Node): Run[] {
  const runs: Run[] = [];
  const walk = (at: Node, marks: Omit<Run, 'text'>): void => {
    if (at.nodeType === 3) return add(at.nodeValue ?? '', marks);
    const tag = at.nodeName;
    if (tag === 'BR') return add('\n', marks);
    const inner = { ...marks, ...markOf(at as HTMLElement) };
    if (tag === 'DIV' && runs.length > 0) add('\n', marks);
    at.childNodes.forEach((child) => walk(child, inner));
  };
  const add = (text: string, marks: Omit<Run, 'text'>): void => {
    const last = runs.at(-1);
    const clean = text.replaceAll('\u00a0', ' ');
    if (last && sameMarks(last, { ...marks, text })) last.text += clean;
    else if (clean !== '') runs.push({ ...marks, text: clean });
  };
  node.childNodes.forEach((child) => walk(child, {}));
  // Browsers keep a line break at the end so that the caret has a line to stand on.
  const last = runs.at(-1);
  if (last) last.text = last.text.replace(/\n$/, '');
  return runs.filter(({ text }) => text !== '');
}

function markOf(node: HTMLElement): Omit<Run, 'text'> {
  switch (node.nodeName) {
    case 'B':
    case 'STRONG':
      return { bold: true };
    case 'I':
    case 'EM':
      return { italic: true };
    case 'U':
      return { underline: true };
    case 'MARK':
      return { highlight: true };
    case 'A':
      return { link: node.getAttribute('href') ?? '' };
    case 'SPAN':
      return node.style.color ? { colour: node.style.color } : {};
    default:
      return {};
  }
}

/**
 * Lets the text of an element be edited where it stands.
 *
 * @returns what ends the editing, or `null` when the element has no text of its own
 */
export function editText(
  stage: StageController,
  session: EditSession,
  id: string,
  ended: () => void,
): (() => void) | null {
  const element = session.document.elements[id];
  const box = stage.nodeOf(id);
  const node = element && box && textNodeOf(element, box);
  const page = stage.page;
  if (!node || !page) return null;
  stage.editedText = id;
  const plain = element.type !== 'text';
  node.contentEditable = plain ? 'plaintext-only' : 'true';
  node.style.cursor = 'text';
  node.focus();
  page.getSelection()?.selectAllChildren(node);

  const write = () => {
    const [key, value] = plain
      ? [node.dataset['text'] ?? 'label', node.textContent ?? '']
      : ['content', readRuns(node)];
    session.apply({ type: 'set', path: ['elements', id, key], value }, `text ${id}`);
  };
  const insert = (command: string, text?: string) => page.execCommand(command, false, text);
  const onKey = (event: KeyboardEvent) => {
    event.stopPropagation();
    if (event.key === 'Escape' || (event.key === 'Enter' && (plain || isHeading(element)))) {
      event.preventDefault();
      end();
    } else if (event.key === 'Enter') {
      event.preventDefault();
      insert('insertLineBreak');
    } else if (event.key === ' ' && plain) {
      // A space would press the button around the text.
      event.preventDefault();
      insert('insertText', ' ');
    } else if (event.ctrlKey && event.key.toLowerCase() === 'z') {
      // The studio's own undo knows every edit; the browser's would know only these.
      event.preventDefault();
      end();
      session.undo();
    }
  };
  const onPaste = (event: ClipboardEvent) => {
    event.preventDefault();
    insert('insertText', event.clipboardData?.getData('text/plain') ?? '');
  };
  const onPointer = (event: Event) => {
    if (!event.composedPath().includes(node)) end();
  };
  const prevent = (event: Event) => event.preventDefault();

  node.addEventListener('input', write);
  node.addEventListener('keydown', onKey);
  node.addEventListener('paste', onPaste);
  node.addEventListener('click', prevent);
  node.addEventListener('blur', end);
  page.addEventListener('pointerdown', onPointer, true);

  let over = false;
  function end(): void {
    if (over || !node) return;
    over = true;
    node.removeEventListener('input', write);
    node.removeEventListener('keydown', onKey);
    node.removeEventListener('paste', onPaste);
    node.removeEventListener('blur', end);
    page?.removeEventListener('pointerdown', onPointer, true);
    node.removeAttribute('contenteditable');
    node.style.cursor = '';
    page?.getSelection()?.removeAllRanges();
    stage.editedText = null;
    // The click of a button stays prevented until the press that ended the editing is over.
    setTimeout(() => node.removeEventListener('click', prevent));
    ended();
  }
  return end;
}

const isHeading = (element: Element): boolean => element.type === 'text' && element.level > 0;

function textNodeOf(element: Element, box: HTMLElement): HTMLElement | null {
  if (element.type === 'text') return box;
  return box.querySelector('[data-text]');
}
