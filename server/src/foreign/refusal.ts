/** What came from outside can't be used; the message is a sentence for people. */
export class Refusal extends Error {}
