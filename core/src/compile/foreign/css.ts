import * as csstree from 'css-tree';
import { cssProblem, ownCssBudget } from './budget.js';
import { functions, positions, pseudoClasses, pseudoElements } from './css-allowed.js';

/** Something about a style sheet that can't be used, and where. Lines and columns count from 1. */
export interface CssProblem {
  line: number;
  column: number;
  reason: string;
}

/** What a widget's own style sheet may address. */
export interface CssScope {
  /** Class names that the widget has. */
  classes: ReadonlySet<string>;
}

export interface CheckedCss {
  /** What may be used, without comments and needless space. */
  css: string;
  problems: CssProblem[];
}

const atRules = new Set(['media', 'supports', 'container', 'keyframes', 'layer']);
const mostLength = 20_000;
const mostValue = 1000;

/**
 * Reads a style sheet that a designer wrote for one widget: keeps what is sound and stays inside, and says of the rest
 * what is wrong with it. The shadow root keeps its selectors inside (CSS Scoping 1); what is taken out here is what
 * would reach out all the same: imports, foreign addresses, fonts, and boxes laid over the whole page. Decided on the
 * parsed tree and by what is allowed (`css-allowed.ts`), so that no other way to write a thing gets past.
 *
 * @param scope where given, selectors by a class that the widget has not are named too
 */
export function checkCss(source: string, scope?: CssScope): CheckedCss {
  const problems: CssProblem[] = [];
  const say = (node: csstree.CssNode | null, reason: string) => {
    const start = node?.loc?.start;
    problems.push({ line: start?.line ?? 1, column: start?.column ?? 1, reason });
  };
  if (source.length > mostLength) {
    say(null, `is longer than ${mostLength} characters`);
    return { css: '', problems };
  }
  const tooMuch = cssProblem(source, ownCssBudget);
  if (tooMuch) {
    say(null, tooMuch);
    return { css: '', problems };
  }
  const tree = csstree.parse(source, {
    positions: true,
    parseValue: true,
    parseCustomProperty: true,
    onParseError: ({
      line,
      column,
      message,
    }: csstree.SyntaxParseError & { line?: number; column?: number }) =>
      problems.push({ line: line ?? 1, column: column ?? 1, reason: `can’t be read: ${message}` }),
  });
  csstree.walk(tree, {
    enter(
      node: csstree.CssNode,
      item: csstree.ListItem<csstree.CssNode>,
      list: csstree.List<csstree.CssNode>,
    ) {
      const drop = (reason: string) => {
        say(node, reason);
        list?.remove(item);
      };
      if (node.type === 'Atrule') checkAtRule(node, drop);
      else if (node.type === 'Declaration') checkDeclaration(node, drop);
      else if (node.type === 'Rule') checkSelectors(node, scope, say, drop);
      // What could not be read is not written: only what the parser understood is known to be harmless.
      else if (node.type === 'Raw' && !isInPrelude(node)) drop('can’t be read');
    },
  });
  return { css: csstree.generate(tree).replaceAll('</', '<\\/'), problems };
}

const isInPrelude = (node: csstree.Raw): boolean => /^[\w\s-]*$/.test(node.value);

function checkAtRule(node: csstree.Atrule, drop: (reason: string) => void): void {
  const name = node.name.toLowerCase();
  if (name === 'import') drop('imports another sheet: put its rules here instead');
  else if (!atRules.has(name.replace(/^-\w+-/, ''))) drop(`@${name} can’t be used in a widget`);
}

const lexer = csstree.lexer;

function checkDeclaration(node: csstree.Declaration, drop: (reason: string) => void): void {
  const name = node.property.toLowerCase();
  const strange = strangeIn(node.value);
  if (strange) return drop(`${name} ${strange}`);
  if (name.startsWith('--')) return;
  if (name === 'position' && !positions.has(csstree.generate(node.value).toLowerCase()))
    return drop(`position can only be ${[...positions].join(', ')} in a widget`);
  // Matching tries every way to read a value: a long one costs as much as a whole sheet.
  if (csstree.generate(node.value).length > mostValue)
    return drop(`${name} has a value of more than ${mostValue} characters`);
  const match = lexer.matchProperty(name, node.value);
  if (match.error) drop(describe(name, match.error));
}

/** What of a value may not be used, as the end of a sentence. */
function strangeIn(value: csstree.CssNode): string | null {
  let reason: string | null = null;
  csstree.walk(value, (node) => {
    if (node.type === 'Url' && !/^asset:[a-z0-9/.-]+$/.test(node.value) && !/^#[\w-]+$/.test(node.value))
      reason ??= `loads ${node.value.slice(0, 60)}: use an uploaded image`;
    else if (node.type === 'Function' && !functions.has(node.name.toLowerCase()))
      reason ??= `holds ${node.name.slice(0, 40)}(), which can’t be used in a widget`;
  });
  // An escape is another way to write what is looked for here.
  return (
    reason ?? (csstree.generate(value).includes('\\') ? 'holds an escape: write the character itself' : null)
  );
}

function describe(name: string, error: Error): string {
  if (error.name === 'SyntaxReferenceError') return `${name} is not a property`;
  const { syntax } = error as Error & { syntax?: string };
  return `${name} can’t have that value${syntax ? `; it takes ${syntax.slice(0, 120)}` : ''}`;
}

function checkSelectors(
  rule: csstree.Rule,
  scope: CssScope | undefined,
  say: (node: csstree.CssNode, reason: string) => void,
  drop: (reason: string) => void,
): void {
  let strange: string | null = null;
  csstree.walk(rule.prelude, (node) => {
    if (node.type === 'PseudoClassSelector' && !pseudoClasses.has(node.name.toLowerCase()))
      strange ??= `:${node.name}`;
    else if (node.type === 'PseudoElementSelector' && !pseudoElements.has(node.name.toLowerCase()))
      strange ??= `::${node.name}`;
    else if (scope) checkReach(node, scope, say);
  });
  if (strange) drop(`${String(strange).slice(0, 40)} can’t be used in a widget`);
}

function checkReach(
  node: csstree.CssNode,
  { classes }: CssScope,
  say: (node: csstree.CssNode, reason: string) => void,
): void {
  if (node.type === 'ClassSelector' && !classes.has(node.name)) {
    say(node, `.${node.name} reaches nothing in this widget`);
  } else if (node.type === 'TypeSelector' && /^(html|body)$/i.test(node.name)) {
    say(node, `${node.name} reaches nothing: the widget is apart from its page`);
  } else if (node.type === 'IdSelector') {
    say(node, `#${node.name} reaches nothing in this widget`);
  }
}
