/** Something wrong with a document: where, and a plain sentence fragment that says what. */
export interface Problem {
  /** Path into the document, such as `elements.e3.label`. */
  path: string;
  reason: string;
}
