import { markupProblem, pageBudget, readPage } from '@sirene/core/foreign';
import { Refusal } from '../foreign/refusal.js';
import { stillPage } from './still-page.js';

export interface ForeignPage {
  title: string;
  /** The still copy. */
  html: string;
  css: string;
  sheets: string[];
}

/**
 * Reads a page from outside: a still copy of it, its title and its styles.
 *
 * @throws Refusal when there is more in it than in any page
 */
export function readForeignPage({
  html,
  address,
  origins,
}: {
  html: string;
  address: string;
  origins: readonly string[];
}): ForeignPage {
  const problem = markupProblem(html, pageBudget);
  if (problem) throw new Refusal(`The page ${problem}, too many to be read.`);
  const { title, css, sheets } = readPage(html);
  return { title, css, sheets, html: stillPage(html, address, origins) };
}
