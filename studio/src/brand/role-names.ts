import type { Role } from '@sirene/core/style';

/** What roles are called, those that get looks most often first. */
export const roleNames: Readonly<Record<Role, string>> = {
  button: 'Button',
  form: 'Form',
  overlay: 'Overlay',
  panel: 'Inline box',
  title: 'Heading',
  text: 'Text',
  field: 'Field',
  countdown: 'Countdown',
  plan: 'Price plan',
  plans: 'Price plans',
  list: 'List',
  badge: 'Badge',
  icon: 'Icon',
  image: 'Image',
  video: 'Video',
  divider: 'Divider',
  spacer: 'Spacer',
  group: 'Group',
  links: 'Link strip',
  basket: 'Basket',
  amounts: 'Donation amounts',
  rating: 'Rating',
  map: 'Map card',
  html: 'HTML',
};
