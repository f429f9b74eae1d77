import { fillWords } from '@sirene/core/actions/words';

/** Puts answers into the texts of a scene that name them, such as “Thank you, {{name}}”. As texts: nothing of them is markup. */
export function greet(box: Element, values: Readonly<Record<string, string>>): void {
  // NodeFilter.SHOW_TEXT
  const texts = box.ownerDocument.createTreeWalker(box, 4);
  while (texts.nextNode()) {
    const { currentNode } = texts;
    if (currentNode.nodeValue?.includes('{{'))
      currentNode.nodeValue = fillWords(currentNode.nodeValue, values);
  }
}
