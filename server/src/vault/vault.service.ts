import { createCipheriv, createDecipheriv, randomBytes } from 'node:crypto';
import { closeSync, mkdirSync, openSync, readFileSync, writeSync } from 'node:fs';
import { join } from 'node:path';
import { Inject, Injectable } from '@nestjs/common';
import { CONFIG, type Config } from '../config.js';

const cipher = 'aes-256-gcm';
const bytes = { key: 32, nonce: 12, tag: 16 };

/**
 * Keeps secrets so that a copy of the database alone tells none of them: sealed with a key that lies beside it in the data
 * folder (AES-256-GCM, NIST SP 800-38D).
 */
@Injectable()
export class Vault {
  #key: Buffer | undefined;

  constructor(@Inject(CONFIG) private readonly config: Config) {}

  /** A secret as it may be stored. */
  seal(secret: string): string {
    const nonce = randomBytes(bytes.nonce);
    const sealing = createCipheriv(cipher, this.#ownKey(), nonce);
    const sealed = Buffer.concat([sealing.update(secret, 'utf8'), sealing.final()]);
    return Buffer.concat([nonce, sealing.getAuthTag(), sealed]).toString('base64');
  }

  /** What was sealed. Throws where it was changed, or sealed with another key. */
  open(sealed: string): string {
    const whole = Buffer.from(sealed, 'base64');
    const tagAt = bytes.nonce + bytes.tag;
    const opening = createDecipheriv(cipher, this.#ownKey(), whole.subarray(0, bytes.nonce));
    opening.setAuthTag(whole.subarray(bytes.nonce, tagAt));
    return Buffer.concat([opening.update(whole.subarray(tagAt)), opening.final()]).toString('utf8');
  }

  #ownKey(): Buffer {
    this.#key ??= readOrMake(join(this.config.data, 'vault.key'), this.config.data);
    return this.#key;
  }
}

function readOrMake(path: string, folder: string): Buffer {
  mkdirSync(folder, { recursive: true });
  try {
    // Only the first who comes makes it, and nobody but this account reads it.
    const file = openSync(path, 'wx', 0o600);
    const key = randomBytes(bytes.key);
    writeSync(file, key);
    closeSync(file);
    return key;
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
  }
  const key = readFileSync(path);
  if (key.length !== bytes.key)
    throw new Error(
      `${path} is not a key of ${bytes.key} bytes. Restore it from the back-up of the data folder.`,
    );
  return key;
}
