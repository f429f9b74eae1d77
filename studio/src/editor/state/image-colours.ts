import type { ImageColours } from '@sirene/core/review/check';
import { wholeImage } from '@sirene/core/base/sanitise';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { assetAddress } from '../../shared/assets/assets.ts';
import type { SettledDocument } from './settled-document.ts';

const side = 24;
const known = new Map<string, readonly string[]>();

/** The images that styles put behind things, by the address they are named by. */
function imagesIn(document: SettledDocument['document']): string[] {
  const text = JSON.stringify([document.style, Object.values(document.elements).map(({ style }) => style)]);
  return [...new Set([...text.matchAll(/"image":"([^"]+)"/g)].map(([, src]) => src as string))].filter(
    (src) => src !== 'none',
  );
}

/** Samples an image on a grid of 24 by 24; one that another site does not let be read gives no colours. */
async function sample(src: string): Promise<readonly string[]> {
  const image = new Image();
  image.crossOrigin = 'anonymous';
  image.src = assetAddress(wholeImage(src));
  await image.decode();
  const canvas = new OffscreenCanvas(side, side);
  const drawing = canvas.getContext('2d');
  drawing?.drawImage(image, 0, 0, side, side);
  const { data } = drawing?.getImageData(0, 0, side, side) ?? { data: new Uint8ClampedArray() };
  const colours = new Set<string>();
  for (let at = 0; at < data.length; at += 4)
    colours.add(
      `#${[0, 1, 2, 3].map((one) => (data[at + one] ?? 0).toString(16).padStart(2, '0')).join('')}`,
    );
  return [...colours];
}

/** Colours of the images behind texts, for contrast to be read over them. */
export function useImageColours(settled: SettledDocument): ImageColours {
  const document = useSyncExternalStore(settled.subscribe, () => settled.document);
  const [colours, setColours] = useState<ImageColours>(known);
  const wanted = imagesIn(document).join(' ');
  useEffect(() => {
    for (const src of wanted.split(' ').filter((one) => one && !known.has(one))) {
      known.set(src, []);
      sample(src).then(
        (found) => setColours(new Map(known.set(src, found))),
        // An image that can't be had or read: contrast says nothing about it.
        () => known.set(src, []),
      );
    }
  }, [wanted]);
  return colours;
}
