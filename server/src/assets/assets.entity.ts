import { Column, Entity, PrimaryColumn } from 'typeorm';

export const assetKinds = ['image', 'video', 'font', 'document'] as const;
export type AssetKind = (typeof assetKinds)[number];

/** A file of a site's own: an image, a video, a typeface, a document to be handed over. Its content lies in the data folder, under its id. */
@Entity('asset')
export class AssetEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') siteId: string;
  @Column('text') kind: AssetKind;
  /** What the file was called. */
  @Column('text') name: string;
  /** The file that documents refer to: `full.webp`, `full.svg`, `video.mp4`, `font.woff2`, `price-list.pdf`. */
  @Column('text') file: string;
  @Column('integer') bytes: number;
  /** Of images, px. */
  @Column('integer', { nullable: true }) width: number | null;
  @Column('integer', { nullable: true }) height: number | null;
  /** Of typefaces. */
  @Column('text', { nullable: true }) family: string | null;
  @Column('text', { nullable: true }) weight: string | null;
  @Column('integer') createdAt: number;
}

/** How documents name an upload: an image that is served in sizes by its id alone, any other with its file. */
export const sourceOf = ({ id, file }: Pick<AssetEntity, 'id' | 'file'>): string =>
  file === 'full.webp' ? `asset:${id}` : `asset:${id}/${file}`;
