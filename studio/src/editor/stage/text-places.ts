/** How much text a node holds; a line break is one character. */
export function textLength(node: Node): number {
  if (node.nodeType === 3) return node.nodeValue?.length ?? 0;
  if (node.nodeName === 'BR') return 1;
  return [...node.childNodes].reduce((sum, child) => sum + textLength(child), 0);
}

/** How many characters stand before a place inside a node. */
export function placeIn(root: Node, node: Node, offset: number): number {
  const within =
    node.nodeType === 3
      ? offset
      : [...node.childNodes].slice(0, offset).reduce((sum, child) => sum + textLength(child), 0);
  let before = 0;
  for (let at: Node = node; at !== root && at.parentNode; at = at.parentNode)
    for (let beside = at.previousSibling; beside; beside = beside.previousSibling)
      before += textLength(beside);
  return before + within;
}

/** The place inside a node that so many characters stand before: a node, and an offset into it. */
export function nodeAt(root: Node, place: number): [Node, number] {
  let left = place;
  const walk = (node: Node): [Node, number] | null => {
    if (node.nodeType === 3) {
      const length = textLength(node);
      if (left <= length) return [node, left];
      left -= length;
      return null;
    }
    if (node.nodeName === 'BR') {
      if (left === 0 && node.parentNode)
        return [node.parentNode, [...node.parentNode.childNodes].indexOf(node as ChildNode)];
      left -= 1;
      return null;
    }
    for (const child of node.childNodes) {
      const found = walk(child);
      if (found) return found;
    }
    return null;
  };
  return walk(root) ?? [root, root.childNodes.length];
}
