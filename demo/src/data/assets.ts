import { beforeYouCome } from './before-you-come.js';
import { domeNight, fullMoon, mark } from '../larkmoor/art.js';

const drawing = (svg: string) => svg.replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" ');

/** What the widgets and the brand name as `asset:@NAME`: drawings of the site, and what it hands over. */
export const assets: readonly { name: string; file: string; content: string }[] = [
  { name: 'dome-night', file: 'The dome at night.svg', content: drawing(domeNight()) },
  { name: 'moon', file: 'Full moon.svg', content: drawing(fullMoon()) },
  { name: 'before-you-come', file: 'Before you come.pdf', content: beforeYouCome },
  {
    name: 'mark',
    file: 'Mark of the observatory.svg',
    content: drawing(mark)
      .replace('width="30" height="30"', 'width="128" height="128"')
      .replaceAll('currentColor', '#dfe0fb'),
  },
];
