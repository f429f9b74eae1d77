import { safeSvg, svgProblem } from '@sirene/core/compile/foreign';
import { Refusal } from '../foreign/refusal.js';

export interface ReadSvg {
  content: string;
  width: number | null;
  height: number | null;
}

/**
 * Reads a drawing: what of it is safe, and its size.
 *
 * @throws Refusal when nothing of it can be used
 */
export function readSvg(source: string): ReadSvg {
  const problem = svgProblem(source);
  if (problem) throw new Refusal(`The SVG ${problem}. Simplify it and try again.`);
  const { text } = safeSvg(source);
  if (text.replace(/<\/?svg[^>]*>/g, '').trim() === '')
    throw new Refusal('The SVG contains no drawing that can be used.');
  const content = text.includes('xmlns=')
    ? text
    : text.replace('<svg', '<svg xmlns="http://www.w3.org/2000/svg"');
  const box = /viewBox="[\d.-]+[ ,]+[\d.-]+[ ,]+([\d.]+)[ ,]+([\d.]+)"/.exec(text);
  const [width = null, height = null] = box ? [Math.round(Number(box[1])), Math.round(Number(box[2]))] : [];
  return { content, width, height };
}
