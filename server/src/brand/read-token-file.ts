import { importTokens, TokenError, type TokenImport } from '@sirene/core/style';
import { Refusal } from '../foreign/refusal.js';

/** @throws Refusal when the text is no token file */
export function readTokenFile(text: string): TokenImport {
  let file: unknown;
  try {
    file = JSON.parse(text);
  } catch {
    throw new Refusal('The file is not JSON. Export the tokens in the Design Tokens format and try again.');
  }
  try {
    return importTokens(file);
  } catch (error) {
    if (error instanceof TokenError) throw new Refusal(`The ${error.reason}.`);
    throw error;
  }
}
