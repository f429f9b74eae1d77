import * as csstree from 'css-tree';
import { Parser } from 'htmlparser2';

/** How much of a piece of markup is read. What has more costs more to read than anyone writes by hand. */
export interface MarkupBudget {
  /** Elements in all. */
  nodes: number;
  /** Elements inside each other. */
  depth: number;
  /** Attributes of one element. */
  attributes: number;
  /** Whether it is read as XML: no element is closed by another's coming. */
  xml?: boolean;
}

/** What a drawing or a piece of a widget may have. */
export const pieceBudget: MarkupBudget = { nodes: 20_000, depth: 128, attributes: 100 };

/** What a whole page may have. */
export const pageBudget: MarkupBudget = { nodes: 60_000, depth: 256, attributes: 200 };

/**
 * Says why markup is not read, before anything that takes more than one look at it sees it. Linear in the source: it
 * stops at the first thing too many.
 *
 * @returns the end of a sentence such as "The page …", or `null` where it is within its budget
 */
export function markupProblem(source: string, budget: MarkupBudget): string | null {
  let [nodes, depth, attributes] = [0, 0, 0];
  let reason: string | null = null;
  const stop = (why: string) => {
    reason ??= why;
    parser.pause();
  };
  const parser = new Parser(
    {
      onopentagname() {
        attributes = 0;
        if (++nodes > budget.nodes) stop(`has more than ${budget.nodes} elements`);
        if (++depth > budget.depth) stop(`has elements nested more than ${budget.depth} deep`);
      },
      onattribute() {
        if (++attributes > budget.attributes)
          stop(`has an element with more than ${budget.attributes} attributes`);
      },
      onclosetag() {
        depth--;
      },
    },
    { xmlMode: budget.xml ?? false, decodeEntities: false },
  );
  parser.write(source);
  return reason;
}

/** How much of a style sheet is read. */
export interface CssBudget {
  tokens: number;
  /** Blocks and brackets inside each other. */
  depth: number;
}

/** What a widget's own style sheet may have. */
export const ownCssBudget: CssBudget = { tokens: 20_000, depth: 16 };

/** What the style sheets of a page may have. */
export const pageCssBudget: CssBudget = { tokens: 1_000_000, depth: 32 };

const { LeftParenthesis, LeftSquareBracket, LeftCurlyBracket, Function: FunctionToken } = csstree.tokenTypes;
const { RightParenthesis, RightSquareBracket, RightCurlyBracket } = csstree.tokenTypes;
const opening = new Set([LeftParenthesis, LeftSquareBracket, LeftCurlyBracket, FunctionToken]);
const closing = new Set([RightParenthesis, RightSquareBracket, RightCurlyBracket]);

/** Says why a style sheet is not read (CSS Syntax 3, 4: its tokens alone are looked at), or `null`. */
export function cssProblem(source: string, budget: CssBudget): string | null {
  let [tokens, depth, deepest] = [0, 0, 0];
  csstree.tokenize(source, (type: number) => {
    tokens++;
    if (opening.has(type)) deepest = Math.max(deepest, ++depth);
    else if (closing.has(type)) depth = Math.max(0, depth - 1);
  });
  if (tokens > budget.tokens) return `has more than ${budget.tokens} tokens`;
  return deepest > budget.depth ? `has blocks or brackets nested more than ${budget.depth} deep` : null;
}
