import { valueAt } from '@sirene/core/base/maps';
import { ServiceUnavailableException } from '@nestjs/common';
import { storageKind } from './result-code.js';

/** Seconds after which a request that could not be written may be sent again. */
export const retryAfter = 5;

const sentences: Record<string, string> = {
  FULL: 'The disk is full.',
  BUSY: 'The database is busy with another program.',
  LOCKED: 'The database is busy with another program.',
  READONLY: 'The database can only be read.',
};

/** Nothing of a request has been kept, through no fault of the request: it may be sent again as it is. */
export class StorageFault extends ServiceUnavailableException {
  constructor(
    readonly reason: string,
    cause: unknown,
  ) {
    super(
      {
        statusCode: 503,
        message: `Nothing was saved: the server can’t write to its database at the moment. Try again in ${retryAfter} seconds.`,
      },
      { cause },
    );
  }
}

/** The storage fault that an error is, as better-sqlite3 or TypeORM throws it; `null` for any other error. */
export function storageFault(error: unknown): StorageFault | null {
  if (error instanceof StorageFault) return error;
  const { code, driverError, message } = (error ?? {}) as {
    code?: unknown;
    driverError?: unknown;
    message?: unknown;
  };
  const kind = storageKind(code);
  if (kind) return new StorageFault(valueAt(sentences, kind) ?? 'The disk or the file is at fault.', error);
  if (message === 'The database connection is not open')
    return new StorageFault('The database is closed.', error);
  return driverError ? storageFault(driverError) : null;
}
