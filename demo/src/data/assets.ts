import { domeNight, fullMoon, mark } from '../larkmoor/art.js';

const drawing = (svg: string) => svg.replace('<svg ', '<svg xmlns="http://www.w3.org/2000/svg" ');

/** What the widgets and the brand name as `asset:@NAME`, each a drawing of the site. */
export const assets: readonly { name: string; file: string; svg: string }[] = [
  { name: 'dome-night', file: 'The dome at night.svg', svg: drawing(domeNight()) },
  { name: 'moon', file: 'Full moon.svg', svg: drawing(fullMoon()) },
  {
    name: 'mark',
    file: 'Mark of the observatory.svg',
    svg: drawing(mark)
      .replace('width="30" height="30"', 'width="128" height="128"')
      .replaceAll('currentColor', '#dfe0fb'),
  },
];
