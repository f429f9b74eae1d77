import type { ManifestWidget } from '../manifest.ts';
import { showing, type ShowingPort } from '../showing.ts';
import { Surface } from '../surface.ts';

/** The surface on which a page's widgets come and go; loaded with the first of them. */
export const surfaceFor = (port: ShowingPort): Surface<ManifestWidget> => new Surface(showing(port));
