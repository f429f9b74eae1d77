import { measures, framed, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const video = defineRole({
  name: 'Video',
  style: { box: { base: {} } },
  groups: [styleGroup('Video', 'box', framed), styleGroup('Size and position', 'box', measures)],
});
