import { valueAt } from '../base/maps/index.js';

/** Kinds of files that a form can ask for: what they are called, and their endings by media type (IANA). */
export const fileTypes = {
  pictures: {
    label: 'Images',
    endings: {
      'image/jpeg': ['jpg', 'jpeg'],
      'image/png': ['png'],
      'image/webp': ['webp'],
      'image/gif': ['gif'],
      'image/heic': ['heic'],
    },
  },
  pdf: { label: 'PDF', endings: { 'application/pdf': ['pdf'] } },
  documents: {
    label: 'Office documents',
    endings: {
      'application/vnd.openxmlformats-officedocument.wordprocessingml.document': ['docx'],
      'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet': ['xlsx'],
      'application/vnd.openxmlformats-officedocument.presentationml.presentation': ['pptx'],
      'application/vnd.oasis.opendocument.text': ['odt'],
      'application/vnd.oasis.opendocument.spreadsheet': ['ods'],
      'application/vnd.oasis.opendocument.presentation': ['odp'],
    },
  },
} as const satisfies Record<string, { label: string; endings: Readonly<Record<string, readonly string[]>> }>;

export type FileType = keyof typeof fileTypes;

/** The endings of some kinds of files, small letters without a dot, by media type; a kind that is not known here has none. */
export const endingsOf = (types: readonly FileType[]): ReadonlyMap<string, readonly string[]> =>
  new Map(
    types.flatMap((type) =>
      Object.entries<readonly string[]>(
        valueAt<{ endings: Readonly<Record<string, readonly string[]>> }>(fileTypes, type)?.endings ?? {},
      ),
    ),
  );
