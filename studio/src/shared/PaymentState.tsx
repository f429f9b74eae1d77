import type { Payment } from './api/index.ts';
import { StateMark } from './StateMark.tsx';

const states: Readonly<Record<Payment['state'], readonly ['good' | 'waiting' | 'bad' | 'quiet', string]>> = {
  open: ['waiting', 'Not paid yet'],
  paid: ['good', 'Paid'],
  failed: ['bad', 'Failed'],
  left: ['quiet', 'Left without paying'],
  refunded: ['quiet', 'Refunded'],
};

/** How a payment stands, in words. */
export function PaymentState({ state }: Pick<Payment, 'state'>) {
  const [tone, words] = states[state];
  return <StateMark tone={tone}>{words}</StateMark>;
}
