import type { Policy } from '@sirene/core/behaviour';
import type { WidgetDocument } from '@sirene/core/document/widget';
import { clearSky, meteorNight } from './bars.js';
import { basket } from './basket.js';
import { circlePlans, domeMotor, membersCircle, membersDoor } from './circle.js';
import { askTheObservatory, skyLetter } from './letter.js';
import { eveningDesk, membersMessages, shopDesk } from './desk.js';
import { lampOffer } from './offer.js';
import { howWasYourEvening } from './evening.js';
import { schoolVisit } from './school.js';

export const siteKey = 'larkmoor';

/** The observatory interrupts twice a visit at most, and lets its readers be for a while in between. */
export const policy: Policy = { quietGap: 20, perPage: null, perVisit: 2, waiting: 'later' };

interface DemoWidget {
  document: WidgetDocument;
  /** How often it was seen a day in sixty days, and the seed of that. */
  did: [views: number, seed: number];
  /** The share of the views in which somebody signed in: that is no submission. */
  signedIn?: number;
}

/** The observatory's widgets, all of them published. */
export const widgets = (
  now: number,
  hooks = 'http://127.0.0.1:4326',
  site = 'http://localhost:4310',
): readonly DemoWidget[] => [
  { document: skyLetter, did: [46, 3] },
  { document: askTheObservatory, did: [14, 53] },
  { document: meteorNight(now), did: [88, 5] },
  { document: membersCircle, did: [120, 7] },
  { document: circlePlans, did: [34, 11] },
  { document: clearSky, did: [41, 13] },
  { document: lampOffer, did: [29, 29] },
  { document: schoolVisit(hooks), did: [9, 31] },
  { document: howWasYourEvening, did: [6, 37] },
  { document: domeMotor, did: [22, 17] },
  { document: eveningDesk, did: [27, 41] },
  { document: membersMessages, did: [8, 47] },
  { document: shopDesk, did: [11, 43] },
  { document: basket, did: [63, 19] },
  { document: membersDoor(site), did: [18, 23], signedIn: 0.52 },
];
