import { readPath } from '@sirene/core/document/widget';
import { valueAt } from '@sirene/core/base/maps';
import {
  markRuns,
  renderRuns,
  runsIn,
  sameMarks,
  type Element,
  type Marking,
  type Run,
} from '@sirene/core/document/elements';
import { onPress } from '../../app/keymap.ts';
import type { EditSession } from '../state/edit-session.ts';
import type { StageController } from './stage-controller.ts';
import { nodeAt, placeIn } from './text-places.ts';

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

interface Point {
  x: number;
  y: number;
}

/** A text being edited where it stands. */
export interface TextEditing {
  id: string;
  /** Whether passages of it may be marked. */
  rich: boolean;
  /** The passage that is selected. */
  passage(): Run[];
  mark(marking: Marking): void;
  /** Hears of every change of the selection. */
  onSelect(listener: () => void): () => void;
  end(): void;
}

/** Where the tools for a text stand in the studio: to go there does not end the editing. */
export const textTools = 'data-text-tools';

/**
 * Lets the text of an element be edited where it stands.
 *
 * @param point where it was pressed, px of the page's window: of several texts the one that stands there
 * @returns `null` when the element has no text of its own
 */
export function editText(
  stage: StageController,
  session: EditSession,
  id: string,
  point: Point,
  ended: () => void,
): TextEditing | null {
  const element = valueAt(session.document.elements, id);
  const box = stage.nodeOf(id);
  const found = element && box && textNodeOf(element, box, point);
  const foundPage = stage.page;
  if (!found || !foundPage) return null;
  const [node, page] = [found, foundPage];
  stage.editedText = id;
  const plain = element.type !== 'text';
  node.contentEditable = plain ? 'plaintext-only' : 'true';
  node.style.cursor = 'text';
  node.focus();
  page.getSelection()?.selectAllChildren(node);

  const pathOf = (key: string) => ['elements', id, ...key.split('.')];
  const put = (key: string, value: unknown) =>
    session.apply({ type: 'set', path: pathOf(key), value }, `text ${id} ${key}`);
  const write = () => {
    if (!plain) return void put('content', readRuns(node));
    const key = node.dataset['text'] ?? 'label';
    if (put(key, node.textContent ?? '') === null) return;
    // What is not taken is not shown either; the bar says why.
    node.textContent = String(readPath(session.document, pathOf(key)) ?? '');
    page.getSelection()?.selectAllChildren(node);
    page.getSelection()?.collapseToEnd();
  };
  const insert = (command: string, text?: string) => page.execCommand(command, false, text);
  // What was selected last, since the selection is gone while a tool of the studio has the focus.
  let places: [number, number] = [0, 0];
  const select = () => {
    const range = selectedRange(page, node);
    if (range) places = range;
  };
  const mark = (marking: Marking) => {
    const [from, to] = places;
    // With nothing selected it is meant for what is typed next, and the browser keeps that in mind.
    if (from === to) return 'mark' in marking && marking.mark !== 'highlight' && insert(marking.mark);
    const runs = markRuns(readRuns(node), ...places, marking);
    node.innerHTML = renderRuns(runs).text;
    const [start, end] = places.map((place) => nodeAt(node, place)) as [[Node, number], [Node, number]];
    page.getSelection()?.setBaseAndExtent(...start, ...end);
    put('content', runs);
  };
  const onKey = (event: KeyboardEvent) => {
    event.stopPropagation();
    const marking = (which: 'bold' | 'italic' | 'underline') => () => plain || mark({ mark: which });
    const isDone = onPress(event, {
      finishText: end,
      bold: marking('bold'),
      italic: marking('italic'),
      underline: marking('underline'),
      // The studio's own undo knows every edit; the browser's would know only these.
      undo: () => {
        end();
        session.undo();
      },
      redo: () => {
        end();
        session.redo();
      },
    });
    if (isDone) return;
    if (event.key === 'Enter' && (plain || isHeading(element))) {
      event.preventDefault();
      end();
    } else if (event.key === 'Enter') {
      event.preventDefault();
      insert('insertLineBreak');
    } else if (event.key === ' ' && plain) {
      // A space would press the button around the text.
      event.preventDefault();
      insert('insertText', ' ');
    }
  };
  const onPaste = (event: ClipboardEvent) => {
    event.preventDefault();
    insert('insertText', event.clipboardData?.getData('text/plain') ?? '');
  };
  const onPointer = (event: Event) => {
    if (!event.composedPath().includes(node)) end();
  };
  const onBlur = () => setTimeout(() => document.activeElement?.closest(`[${textTools}]`) || end());
  const prevent = (event: Event) => event.preventDefault();

  node.addEventListener('input', write);
  node.addEventListener('keydown', onKey);
  node.addEventListener('paste', onPaste);
  node.addEventListener('click', prevent);
  node.addEventListener('blur', onBlur);
  page.addEventListener('pointerdown', onPointer, true);
  page.addEventListener('selectionchange', select);
  select();

  let over = false;
  function end(): void {
    if (over) return;
    over = true;
    node.removeEventListener('input', write);
    node.removeEventListener('keydown', onKey);
    node.removeEventListener('paste', onPaste);
    node.removeEventListener('blur', onBlur);
    page.removeEventListener('pointerdown', onPointer, true);
    page.removeEventListener('selectionchange', select);
    node.removeAttribute('contenteditable');
    node.style.cursor = '';
    page.getSelection()?.removeAllRanges();
    // The studio's keys are heard again.
    (page.defaultView?.frameElement as HTMLElement | null | undefined)?.blur();
    stage.editedText = null;
    // The click of a button stays prevented until the press that ended the editing is over.
    setTimeout(() => node.removeEventListener('click', prevent));
    ended();
  }
  return {
    id,
    rich: !plain,
    passage: () => runsIn(readRuns(node), ...places),
    mark: (marking) => void mark(marking),
    onSelect(listener) {
      page.addEventListener('selectionchange', listener);
      return () => page.removeEventListener('selectionchange', listener);
    },
    end,
  };
}

/** The selection inside a node as places in its text; null where it is elsewhere. */
function selectedRange(page: Document, node: Node): [number, number] | null {
  const root = node.getRootNode();
  // Inside a shadow root the document's own selection does not tell (Selection API, composed ranges).
  const selection =
    (root as { getSelection?: () => Selection | null }).getSelection?.() ?? page.getSelection();
  const { anchorNode, focusNode } = selection ?? {};
  if (!selection || !anchorNode || !focusNode || !node.contains(anchorNode) || !node.contains(focusNode))
    return null;
  const places = [
    placeIn(node, anchorNode, selection.anchorOffset),
    placeIn(node, focusNode, selection.focusOffset),
  ];
  return [Math.min(...places), Math.max(...places)];
}

const isHeading = (element: Element): boolean => element.type === 'text' && element.level > 0;

/** The text that stands at a point of the page's window, px; the first of the element where none does. */
function textNodeOf(element: Element, box: HTMLElement, { x, y }: Point): HTMLElement | null {
  if (element.type === 'text') return box;
  const texts = [...box.querySelectorAll<HTMLElement>('[data-text]')];
  const there = texts.find((node) => {
    const { left, right, top, bottom } = node.getBoundingClientRect();
    return x >= left && x <= right && y >= top && y <= bottom;
  });
  return there ?? texts[0] ?? null;
}
