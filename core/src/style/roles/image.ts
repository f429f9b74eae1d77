import { measures, wording, framed, styleGroup } from './groups.js';
import { defineRole } from './role.js';

export const image = defineRole({
  name: 'Image',
  style: { box: { base: {} }, caption: { base: { fontSize: '{size.small}', color: '{color.quiet}' } } },
  groups: [
    styleGroup('Image', 'box', framed),
    styleGroup('Caption', 'caption', wording),
    styleGroup('Size and position', 'box', measures),
  ],
});
