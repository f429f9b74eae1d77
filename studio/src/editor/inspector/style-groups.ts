import type { Role } from '@sirene/core/style';

/** One part of a role and the properties that the inspector offers for it. */
export interface StyleGroup {
  title: string;
  part: string;
  properties: readonly string[];
}

const words = ['color', 'fontSize', 'fontWeight', 'font', 'lineHeight', 'align'];

/** What can be styled of each role, in the order in which people ask for it. */
export const styleGroups: Record<Role, readonly StyleGroup[]> = {
  overlay: [
    {
      title: 'Surface',
      part: 'box',
      properties: ['background', 'color', 'padding', 'gap', 'radius', 'borderColor', 'borderWidth', 'shadow'],
    },
    { title: 'Type', part: 'box', properties: ['font', 'fontSize', 'lineHeight', 'align'] },
    { title: 'Backdrop', part: 'backdrop', properties: ['background'] },
    { title: 'Close button', part: 'close', properties: ['color'] },
  ],
  panel: [
    {
      title: 'Surface',
      part: 'box',
      properties: ['background', 'color', 'padding', 'gap', 'radius', 'borderColor', 'borderWidth'],
    },
    { title: 'Type', part: 'box', properties: ['font', 'fontSize', 'lineHeight', 'align'] },
  ],
  text: [{ title: 'Text', part: 'box', properties: words }],
  title: [{ title: 'Text', part: 'box', properties: words }],
  group: [{ title: 'Surface', part: 'box', properties: ['background', 'padding', 'gap', 'radius'] }],
  button: [
    {
      title: 'Surface',
      part: 'box',
      properties: ['background', 'color', 'padding', 'radius', 'borderColor', 'borderWidth'],
    },
    { title: 'Text', part: 'box', properties: ['fontSize', 'fontWeight', 'font'] },
  ],
  form: [{ title: 'Surface', part: 'box', properties: ['gap', 'background', 'padding', 'radius'] }],
  field: [
    { title: 'Label', part: 'label', properties: ['color', 'fontSize', 'fontWeight'] },
    {
      title: 'Input',
      part: 'input',
      properties: ['background', 'color', 'borderColor', 'borderWidth', 'radius', 'padding', 'fontSize'],
    },
    { title: 'Hint', part: 'hint', properties: ['color', 'fontSize'] },
    { title: 'Error', part: 'error', properties: ['color', 'fontSize'] },
  ],
};
