/** Something wrong with a document: where, and a plain sentence fragment that says what. */
export interface Problem {
  /** Path into the document, such as `elements.e3.label`. */
  path: string;
  reason: string;
}

/** Thrown where a document that must be right is not. */
export class DocumentError extends Error {
  constructor(readonly problems: Problem[]) {
    super(problems.map(({ path, reason }) => `${path || 'document'} ${reason}`).join('; '));
  }
}
