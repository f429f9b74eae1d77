import type { SceneName } from '@sirene/core/widget';

/** What the scenes are called. */
export const sceneNames: Record<SceneName, string> = {
  opening: 'Opening',
  thanks: 'Thank-you',
  error: 'Error',
  empty: 'Empty',
  expired: 'Expired',
  offline: 'Offline',
  teaser: 'Teaser',
};

/** When visitors see each. */
export const sceneHelp: Record<SceneName, string> = {
  opening: 'What visitors see first.',
  thanks: 'After a submission.',
  error: 'When the page could not load what to show, such as a basket.',
  empty: 'When there is nothing to show, such as an empty basket.',
  expired: 'When a countdown has run out.',
  offline: 'When nobody is available to answer.',
  teaser: 'What a launcher shows while collapsed.',
};
