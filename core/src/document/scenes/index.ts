import { Type } from '@sinclair/typebox';

/** The scenes that something shows by itself: a submission, a countdown at its end, a basket without lines. */
export const standardScenes = [
  'opening',
  'thanks',
  'error',
  'empty',
  'expired',
  'offline',
  'teaser',
] as const;
export type StandardScene = (typeof standardScenes)[number];

/** A standard scene, or one of the designer's own, which buttons lead to: `scene-` and an id. */
export type SceneName = StandardScene | `scene-${string}`;

/** The most scenes of its own that a widget may have. */
export const mostNamedScenes = 20;

const ownName = 'scene-[a-z0-9]{1,20}';

/** Whether a scene is one of the designer's own. */
export const isNamedScene = (name: string): name is `scene-${string}` =>
  new RegExp(`^${ownName}$`).test(name);

/** What a scene of the designer's own is called. */
export const sceneTitle = Type.String({
  minLength: 1,
  maxLength: 60,
  pattern: '\\S',
  description: 'must not be blank',
});

/** The name of a scene, as a button that leads to it says it. */
export const sceneName = Type.Unsafe<SceneName>(
  Type.String({
    pattern: `^(${standardScenes.join('|')}|${ownName})$`,
    description: `must be one of ${standardScenes.join(', ')}, or a scene of your own, such as scene-register`,
  }),
);
