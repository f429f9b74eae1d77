import * as csstree from 'css-tree';

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

/**
 * Reads a style sheet that a designer wrote for one widget: keeps what is sound and stays inside, and says of the rest
 * what is wrong with it. The shadow root keeps its selectors inside (CSS Scoping 1); what is taken out here is what
 * would reach out all the same: imports, foreign addresses, fonts, and boxes laid over the whole page.
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
  const tree = csstree.parse(source, {
    positions: true,
    parseValue: true,
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
      else if (node.type === 'Rule' && scope) checkSelectors(node, scope, say);
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
  if (name.startsWith('--')) {
    if (/url\(|\\|expression|javascript:/i.test(csstree.generate(node.value)))
      drop(`${name} holds an address`);
    return;
  }
  if (name === 'behavior' || name === '-moz-binding') return drop(`${name} runs code`);
  const value = csstree.generate(node.value);
  const foreign = foreignAddress(node.value);
  if (foreign) return drop(`${name} loads ${foreign.slice(0, 60)}: use an uploaded picture`);
  if (/expression\s*\(|javascript\s*:|\\/i.test(value))
    return drop(`${name} holds something that is not style`);
  if (name === 'position' && value === 'fixed') return drop('position: fixed would leave the widget');
  const match = lexer.matchProperty(name, node.value);
  if (match.error) drop(describe(name, match.error));
}

function describe(name: string, error: Error): string {
  if (error.name === 'SyntaxReferenceError') return `${name} is not a property`;
  const { syntax } = error as Error & { syntax?: string };
  return `${name} can’t have that value${syntax ? `; it takes ${syntax.slice(0, 120)}` : ''}`;
}

function foreignAddress(value: csstree.CssNode): string | null {
  const found = csstree.find(value, (node) => {
    if (node.type === 'Url') return !/^asset:[a-z0-9/.-]+$/.test(node.value) && !/^#[\w-]+$/.test(node.value);
    return node.type === 'Function' && /^(-webkit-)?image-set$|^src$|^element$|^paint$/.test(node.name);
  });
  if (!found) return null;
  return found.type === 'Url' ? found.value : csstree.generate(found);
}

function checkSelectors(
  rule: csstree.Rule,
  { classes }: CssScope,
  say: (node: csstree.CssNode, reason: string) => void,
): void {
  csstree.walk(rule.prelude, (node) => {
    if (node.type === 'ClassSelector' && !classes.has(node.name)) {
      say(node, `.${node.name} reaches nothing in this widget`);
    } else if (node.type === 'TypeSelector' && /^(html|body)$/i.test(node.name)) {
      say(node, `${node.name} reaches nothing: the widget is apart from its page`);
    } else if (node.type === 'IdSelector') {
      say(node, `#${node.name} reaches nothing in this widget`);
    }
  });
}
