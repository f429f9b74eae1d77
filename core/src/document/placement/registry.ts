import { anchored } from './anchored.js';
import { bar } from './bar.js';
import { centre } from './centre.js';
import { corner } from './corner.js';
import { cover } from './cover.js';
import { inline } from './inline.js';
import { launcher } from './launcher.js';
import { page } from './page.js';
import { side } from './side.js';

/** Every placement. A new one is its file and a line here. */
export const definitions = { centre, corner, side, bar, cover, anchored, inline, page, launcher };
