import { noMemory, placeOf, type PageVisit } from '../../behaviour/index.js';
import { startOfSignals } from '../../behaviour/signals/registry.js';

/** The visit of somebody of whom nothing particular is known, at no particular time. */
export const anyVisit: PageVisit = {
  ...placeOf('https://site.example/'),
  signals: startOfSignals(),
  width: 1280,
  markers: [],
  touch: false,
  language: 'en',
  types: [],
  ahead: 0,
  arrivedAt: 0,
  now: 0,
  memory: { ...noMemory, visits: 1, pages: 1, allPages: 1 },
};
