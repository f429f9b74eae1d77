/** Rules of a style sheet that give way to others. */
export interface RuleChange {
  /** The first that goes, as an index of the sheet's rules, and how many go. */
  at: number;
  gone: number;
  come: string[];
}

/** More rules than these are no edit of one element: the sheet is read anew. */
const most = 12;

/**
 * Brings a style sheet to a newer text by its rules that differ: given a whole text, the browser matches every rule with
 * every element again (7 of 37 ms a step of a size, at 1000 elements; bench/stage).
 */
export function rewrite(sheet: CSSStyleSheet, before: string, after: string): void {
  const old = topRules(before);
  const change = ruleChange(old, topRules(after));
  // A browser leaves out rules that it cannot read; then it counts others than we do.
  if (change && sheet.cssRules.length === old.length) {
    try {
      for (let left = change.gone; left > 0; left--) sheet.deleteRule(change.at);
      change.come.forEach((rule, at) => sheet.insertRule(rule, change.at + at));
      return;
    } catch {
      // One of them is none that can be read: the whole text says what stays.
    }
  }
  sheet.replaceSync(after);
}

/** What makes one list of rules the other; `null` where it is more than an edit. */
export function ruleChange(before: readonly string[], after: readonly string[]): RuleChange | null {
  const least = Math.min(before.length, after.length);
  let at = 0;
  while (at < least && before[at] === after[at]) at++;
  let end = 0;
  while (end < least - at && before.at(-1 - end) === after.at(-1 - end)) end++;
  const gone = before.length - end - at;
  const come = after.slice(at, after.length - end);
  return gone + come.length > most ? null : { at, gone, come };
}

const [quote, apostrophe, backslash, open, close, semicolon] = [34, 39, 92, 123, 125, 59];

/** The rules of a style sheet that stand in no other, in their order (CSS Syntax 3, 5.4.1). Compiled CSS has no comments. */
export function topRules(css: string): string[] {
  const rules: string[] = [];
  let from = 0;
  let depth = 0;
  let within = 0;
  for (let at = 0; at < css.length; at++) {
    const code = css.charCodeAt(at);
    if (code === backslash) at++;
    else if (within) within = code === within ? 0 : within;
    else if (code === quote || code === apostrophe) within = code;
    else if (code === open) depth++;
    else if (code === close ? --depth === 0 : code === semicolon && depth === 0) {
      rules.push(css.slice(from, at + 1));
      from = at + 1;
    }
  }
  if (from < css.length) rules.push(css.slice(from));
  return rules;
}
