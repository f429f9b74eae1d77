import type { Station } from '@sirene/core/review/sentence';

export const stationNames: Record<Station, string> = {
  arrive: 'Arrive',
  appear: 'Appear',
  respond: 'Respond',
  afterwards: 'Afterwards',
  return: 'Return',
};
