import type { PictureColours } from '@sirene/core/check';
import { wholePicture } from '@sirene/core/sanitise';
import { useEffect, useState, useSyncExternalStore } from 'react';
import { assetAddress } from '../../shared/assets/assets.ts';
import type { SettledDocument } from './settled-document.ts';

const side = 24;
const known = new Map<string, readonly string[]>();

/** The pictures that styles put behind things, by the address they are named by. */
function picturesIn(document: SettledDocument['document']): string[] {
  const text = JSON.stringify([document.style, Object.values(document.elements).map(({ style }) => style)]);
  return [...new Set([...text.matchAll(/"image":"([^"]+)"/g)].map(([, src]) => src as string))].filter(
    (src) => src !== 'none',
  );
}

/** Samples a picture on a grid of 24 by 24; one that another site does not let be read gives no colours. */
async function sample(src: string): Promise<readonly string[]> {
  const picture = new Image();
  picture.crossOrigin = 'anonymous';
  picture.src = assetAddress(wholePicture(src));
  await picture.decode();
  const canvas = new OffscreenCanvas(side, side);
  const drawing = canvas.getContext('2d');
  drawing?.drawImage(picture, 0, 0, side, side);
  const { data } = drawing?.getImageData(0, 0, side, side) ?? { data: new Uint8ClampedArray() };
  const colours = new Set<string>();
  for (let at = 0; at < data.length; at += 4)
    colours.add(
      `#${[0, 1, 2, 3].map((one) => (data[at + one] ?? 0).toString(16).padStart(2, '0')).join('')}`,
    );
  return [...colours];
}

/** Colours of the pictures behind texts, for contrast to be read over them. */
export function usePictureColours(settled: SettledDocument): PictureColours {
  const document = useSyncExternalStore(settled.subscribe, () => settled.document);
  const [colours, setColours] = useState<PictureColours>(known);
  const wanted = picturesIn(document).join(' ');
  useEffect(() => {
    for (const src of wanted.split(' ').filter((one) => one && !known.has(one))) {
      known.set(src, []);
      sample(src).then(
        (found) => setColours(new Map(known.set(src, found))),
        // A picture that can't be had or read: contrast says nothing about it.
        () => known.set(src, []),
      );
    }
  }, [wanted]);
  return colours;
}
