import { asText } from './groups.js';
import { defineRole } from './role.js';

export const title = defineRole({
  name: 'Heading',
  style: {
    box: { base: { font: '{font.title}', fontSize: '{size.title}', lineHeight: 1.2, fontWeight: 600 } },
  },
  groups: asText(),
});
