import { markupProblem, pageBudget, readPage, type PageParts } from '@sirene/core/compile/foreign';
import { Refusal } from '../foreign/refusal.js';
import { stillPage } from './still-page.js';

/**
 * Reads what a page from outside says of itself: its title and its styles.
 *
 * @throws Refusal when there is more in it than in any page
 */
export function readParts(html: string): PageParts {
  const problem = markupProblem(html, pageBudget);
  if (problem) throw new Refusal(`The page ${problem}, too many to be read.`);
  return readPage(html);
}

/**
 * Reads a page from outside for the stage: its title, and a still copy of it.
 *
 * @throws Refusal when there is more in it than in any page
 */
export function readStill({
  html,
  address,
  origins,
}: {
  html: string;
  address: string;
  origins: readonly string[];
}): Pick<PageParts, 'title' | 'types' | 'markers'> & { html: string } {
  const { title, types, markers } = readParts(html);
  return { title, types, markers, html: stillPage(html, address, origins) };
}
