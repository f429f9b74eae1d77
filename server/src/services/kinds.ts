import type { Config } from '../config.js';

/** The outside services that a site can have: where the stand-in for each listens, and whether it signs what it tells. */
export const serviceKinds = {
  payments: { standin: ({ standinPaymentPort }: Config) => standinPaymentPort, signs: true },
  messenger: { standin: ({ standinMessengerPort }: Config) => standinMessengerPort, signs: true },
  members: { standin: ({ standinMemberPort }: Config) => standinMemberPort, signs: false },
} as const;

export type ServiceKind = keyof typeof serviceKinds;
