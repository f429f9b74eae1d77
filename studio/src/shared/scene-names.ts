import { valueAt } from '@sirene/core/base/maps';
import type { SceneName, StandardScene, WidgetDocument } from '@sirene/core/document/widget';

/** What the standard scenes are called. */
export const sceneNames: Record<StandardScene, string> = {
  opening: 'Opening',
  thanks: 'Thank-you',
  error: 'Error',
  empty: 'Empty',
  expired: 'Expired',
  offline: 'Offline',
  teaser: 'Teaser',
};

/** When visitors see each. */
export const sceneHelp: Record<StandardScene, string> = {
  opening: 'What visitors see first.',
  thanks: 'After a submission.',
  error: 'When the page could not load what to show, such as a basket.',
  empty: 'When there is nothing to show, such as an empty basket.',
  expired: 'When a countdown has run out.',
  offline: 'When nobody is available to answer.',
  teaser: 'What a launcher shows while collapsed, what a sheet begins with, and what remains after closing.',
};

/** What a scene of a widget is called; one of the designer's own by its title, where it is still there. */
export const titleOfScene = ({ scenes }: Pick<WidgetDocument, 'scenes'>, name: SceneName): string =>
  valueAt(sceneNames, name) ?? valueAt(scenes, name)?.title ?? 'Removed scene';

/** When visitors see a scene. */
export const helpOfScene = (name: SceneName): string =>
  valueAt(sceneHelp, name) ?? 'When a button leads to it.';
