/** The words that visitors read where the designer has written none. `{name}` and the like are put in. */
export interface Messages {
  /** A field that is required and empty, one that is not what it should be, one that is too long. */
  missing: string;
  malformed: string;
  tooLong: string;
  missingName: string;
  missingEmail: string;
  malformedEmail: string;
  malformedPhone: string;
  malformedNumber: string;
  missingPassword: string;
  wrongPassword: string;
  addressTaken: string;
  weakPassword: string;
  tooManyTries: string;
  missingChoice: string;
  missingChoices: string;
  missingConsent: string;
  missingAmount: string;
  malformedDate: string;
  malformedTime: string;
  /** What is less or more than a field takes, by `{limit}`: of amounts, moments, texts, choices. */
  atLeast: string;
  atMost: string;
  tooEarly: string;
  tooLate: string;
  tooShort: string;
  tooFewChoices: string;
  tooManyChoices: string;
  /** Where in a form of several steps one is: `{count}`, `{total}`, and the step's `{name}`. */
  stepOf: string;
  /** Above the list of what is wrong with a form. */
  checkThese: string;
  /** Behind the label of a field that may stay empty. */
  optional: string;
  /** What a drop-down shows before something is chosen. */
  choose: string;
  sending: string;
  failed: string;
  close: string;
  /** Where every code of a pool is given, or the time for one is over. */
  gone: string;
  /** The buttons of a basket's line, and how many of it there are. */
  removeItem: string;
  clear: string;
  orTypeName: string;
  oneLess: string;
  oneMore: string;
  pieces: string;
  /** What is wrong with a file, by its name; the last while some are on their way or could not be sent. */
  fileTooLarge: string;
  fileType: string;
  fileFailed: string;
  fileWaits: string;
  /** The tools of a chat, and what is wrong with what one tries there. */
  chatAttach: string;
  chatRate: string;
  chatEnd: string;
  chatTranscript: string;
  chatPrint: string;
  chatWindow: string;
  chatForget: string;
  /** The link to the site’s messenger. */
  chatMessenger: string;
  chatMute: string;
  chatUnmute: string;
  chatFile: string;
  chatAgree: string;
  /** What members read where they write to each other. */
  memberFind: string;
  memberAll: string;
  memberBlock: string;
  memberUnblock: string;
  memberReport: string;
  memberReason: string;
  memberRemoved: string;
  memberBlocked: string;
  memberNobody: string;
  days: string;
  hours: string;
  minutes: string;
  seconds: string;
}

export type MessageKey = keyof Messages;
