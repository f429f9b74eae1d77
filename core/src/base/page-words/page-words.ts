/**
 * What visitors read on the pages that links of mails and payments lead to, and beside such links. `{list}`, `{site}` and the like
 * are put in.
 */
export interface PageWords {
  /** A link that belongs to nothing. */
  lost: string;
  lostHow: string;
  /** Somebody is asked whether they want to be on a mailing list, and has said so. */
  confirm: string;
  confirmWhat: string;
  confirmButton: string;
  confirmed: string;
  confirmedWhat: string;
  /** Below a mail of the list. */
  confirmedWhy: string;
  late: string;
  lateHow: string;
  /** They leave it, and have left it. */
  leave: string;
  leaveWhat: string;
  left: string;
  leftWhat: string;
  comeBack: string;
  /** How a payment stands, with what can be done. */
  unpaid: string;
  unpaidHow: string;
  payButton: string;
  paid: string;
  paidWhat: string;
  unsuccessful: string;
  unsuccessfulHow: string;
  againButton: string;
  calledOff: string;
  calledOffWhat: string;
  refunded: string;
  refundedWhat: string;
  /** The facts of a payment. */
  payFor: string;
  amount: string;
  date: string;
  number: string;
  monthly: string;
  receipt: string;
  back: string;
  /** The payment service does not answer; or its page opens. */
  noAnswer: string;
  moment: string;
  momentWhat: string;
  openNow: string;
  /** Stands between an answer to a mail and what that mail said. */
  answerAbove: string;
  /** Where a chat’s messenger does not answer. */
  noMessenger: string;
  noMessengerWhat: string;
}
