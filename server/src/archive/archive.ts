import type { Brand } from '@sirene/core/style';

/** A whole site as one JSON text: how the demo, and later a move between installations, brings one in. */
export interface SiteArchive {
  format: 'sirene-site';
  version: 1;
  site: { key: string; name: string; origins: string[]; brand: Partial<Brand> };
  /** Uploads, base64. Brand and widgets name them as `asset:@` and their name here. */
  assets?: { name: string; file: string; content: string }[];
  pages: { address: string; title: string; html: string }[];
  widgets: { name: string; document: Record<string, unknown>; publish: boolean; counts: ArchiveCount[] }[];
  submissions: ArchiveSubmission[];
}

/** Counts of one day, `ago` days before the import. */
export interface ArchiveCount {
  ago: number;
  shown: number;
  closed: number;
  submitted: number;
}

export interface ArchiveSubmission {
  /** Name of the widget in this archive. */
  widget: string;
  id: string;
  /** ms before the import. */
  ago: number;
  fields: { key: string; label: string; value: string }[];
  page: string;
  pageTitle: string;
  delivered: string[];
}
