import type { SceneName } from '@sirene/core/widget';

/** What the scenes are called. */
export const sceneNames: Record<SceneName, string> = {
  opening: 'Opening',
  thanks: 'Thanks',
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
  error: 'When the page could not tell what to show, such as a basket that did not arrive.',
  empty: 'When there is nothing to show, such as an empty basket.',
  expired: 'When a countdown has run out.',
  offline: 'When nobody is there to answer.',
  teaser: 'What a launcher shows while it is folded.',
};
