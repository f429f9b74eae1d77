import { createContext, useContext } from 'react';
import type { Brand } from '@sirene/core/style';
import { ApiError, type Asset, at, useAnswer } from '../api/index.ts';
import { sendFile } from '../send-file.ts';

/** The site whose uploads are offered, and its mark. */
export const AssetsContext = createContext<{ siteId: string; brand: Brand } | null>(null);

/**
 * The uploads of the site around a component, and how another is sent; nothing is asked for until they are
 * wanted.
 */
export function useAssets(wanted: boolean) {
  const context = useContext(AssetsContext);
  const path = context && at('/api/sites/{site}/assets', { site: context.siteId });
  const { data: assets, error, mutate } = useAnswer(wanted && path);
  const upload = async (file: File): Promise<Asset> => {
    if (!path) throw new Error('An upload needs a site');
    const asset = await sendFile<Asset>(path, file, { name: file.name.slice(0, 200) }).catch(
      (error: unknown) => {
        const isLarge = error instanceof ApiError && error.status === 413;
        throw isLarge ? new ApiError(413, 'The file is too large: at most 40 MB can be used.') : error;
      },
    );
    await mutate();
    return asset;
  };
  return { assets, error, upload, logo: context?.brand.logo, brand: context?.brand };
}

/** Where an image is to be had for the studio's own screens. */
export const assetAddress = (src: string): string =>
  src.replace(/^asset:([a-z0-9]+)(?:\/(.+))?$/, (_, id: string, file = '320.webp') => `/a/${id}/${file}`);

/** A small image of an upload; those that are small have one size only. */
export function thumbnailOf({ src, width }: Pick<Asset, 'src' | 'width'>): string {
  return (width ?? 0) > 320 ? assetAddress(src) : assetAddress(src.includes('/') ? src : `${src}/full.webp`);
}
