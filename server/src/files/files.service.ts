import { randomBytes } from 'node:crypto';
import { mkdir, readdir, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import {
  BadRequestException,
  HttpException,
  Inject,
  Injectable,
  Logger,
  NotFoundException,
  UnsupportedMediaTypeException,
  type OnApplicationShutdown,
} from '@nestjs/common';
import type { ChatFile } from '@sirene/core/chat';
import { endingsOf, type FieldRule } from '@sirene/core/form';
import type { Database } from 'better-sqlite3';
import { DataSource, In, IsNull, LessThan } from 'typeorm';
import { Upload } from '../assets/upload.js';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { fileName } from './file-name.js';
import { FileEntity } from './files.entity.js';

/** What may lie there of one site without a submission. */
const mostUnclaimed = { files: 1000, bytes: 2_000_000_000 };

const dayMs = 24 * 3_600_000;

/** How long a file waits for its form to be sent, ms: what was filled in without a connection arrives days later. */
const waitsMs = 8 * dayMs;

const sweepMs = 3_600_000;

/** Files that are sent: taken ahead of their form or message, kept with it, dropped where none comes. */
@Injectable()
export class FilesService implements OnApplicationShutdown {
  readonly #logger = new Logger('Files');
  #timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Drops what nobody claims, now and once an hour. */
  start(): void {
    const sweep = () => {
      this.sweep().catch((error: unknown) => this.#logger.error(error));
    };
    sweep();
    this.#timer ??= setInterval(sweep, sweepMs).unref();
  }

  onApplicationShutdown(): void {
    clearInterval(this.#timer);
  }

  /**
   * Takes a file for a field as it comes. What it is is read from its content, and must be what the field asks for and what its
   * ending says.
   *
   * @throws PayloadTooLargeException, UnsupportedMediaTypeException; 429 where too much waits for its form already
   */
  async take(
    site: SiteEntity,
    { types, bytes: most }: NonNullable<FieldRule['file']>,
    given: string,
    body: Readable,
  ): Promise<FileEntity> {
    await this.#refuseFlood(site);
    const upload = await Upload.receive(body, this.config.data, most);
    try {
      const name = fileName(given);
      const ending = name.split('.').at(-1)?.toLowerCase() ?? '';
      // Loaded with the first file: few sites ask for any.
      const { fileTypeFromFile } = await import('file-type');
      const type = (await fileTypeFromFile(upload.path))?.mime ?? '';
      if (!endingsOf(types).get(type)?.includes(ending))
        throw new UnsupportedMediaTypeException(
          `“${name}” is none of: ${[...endingsOf(types).values()].flat().join(', ')}.`,
        );
      return await this.#keep(site, upload, { name, type });
    } finally {
      await upload.drop();
    }
  }

  // Its content first, then its row, so that no row is without its content.
  async #keep(site: SiteEntity, upload: Upload, { name, type }: { name: string; type: string }) {
    const id = randomBytes(16).toString('hex');
    const { size: bytes } = await stat(upload.path);
    await mkdir(this.#folder, { recursive: true });
    await rename(upload.path, this.#path(id));
    const row = {
      id,
      siteId: site.id,
      submissionId: null,
      conversationId: null,
      name,
      type,
      bytes,
      sentAt: this.clock.now(),
    };
    try {
      await this.transactions.write((manager) => manager.insert(FileEntity, row));
    } catch (error) {
      await rm(this.#path(id), { force: true });
      throw error;
    }
    return this.dataSource.getRepository(FileEntity).create(row);
  }

  /** The files of these ids that a submission may hold: sent to this site, and of no other submission. */
  async forSubmission(siteId: string, submissionId: string, ids: readonly string[]): Promise<FileEntity[]> {
    if (ids.length === 0) return [];
    const found = await this.dataSource.getRepository(FileEntity).findBy({ siteId, id: In([...ids]) });
    return found.filter(
      (one) =>
        one.conversationId === null && (one.submissionId === null || one.submissionId === submissionId),
    );
  }

  /** Makes a file that of a conversation; called inside a transaction. Refuses one that was not sent here, or is of another. */
  sendIn(database: Database, siteId: string, conversation: string, id: string): ChatFile {
    const sent = statement(
      database,
      `UPDATE file SET conversationId = @conversation
        WHERE id = @id AND siteId = @siteId AND submissionId IS NULL AND coalesce(conversationId, @conversation) = @conversation
        RETURNING id, name, type, bytes`,
    ).get({ siteId, conversation, id }) as ChatFile | undefined;
    if (!sent) throw new BadRequestException('message.file is none that was sent here');
    return sent;
  }

  /** A file of a conversation, and where its content lies. Refuses one that is not there. */
  async readSent(site: SiteEntity, id: string): Promise<{ file: FileEntity; path: string }> {
    const found = await this.read(site, id);
    if (found.file.conversationId === null) throw new NotFoundException('There is no such file.');
    return found;
  }

  /** A file of a submission or a conversation, and where its content lies. Refuses one that is not there. */
  async read(site: SiteEntity, id: string): Promise<{ file: FileEntity; path: string }> {
    const file = await this.dataSource.getRepository(FileEntity).findOneBy({ id, siteId: site.id });
    if (!file || (file.submissionId === null && file.conversationId === null))
      throw new NotFoundException('There is no such file.');
    return { file, path: this.#path(id) };
  }

  /** Drops files whose form was not sent in time, and contents that belong to no file any more. */
  async sweep(): Promise<void> {
    await this.#dropUnclaimed(waitsMs);
    const lying = await readdir(this.#folder).catch(() => []);
    for (let from = 0; from < lying.length; from += 500) {
      const some = lying.slice(from, from + 500);
      const rows = await this.dataSource.getRepository(FileEntity).findBy({ id: In(some) });
      const known = new Set(rows.map(({ id }) => id));
      for (const id of some.filter((one) => !known.has(one))) await this.#dropOld(id);
    }
  }

  async #dropUnclaimed(olderThan: number): Promise<void> {
    const unclaimed = {
      submissionId: IsNull(),
      conversationId: IsNull(),
      sentAt: LessThan(this.clock.now() - olderThan),
    };
    const late = await this.dataSource.getRepository(FileEntity).findBy(unclaimed);
    await this.transactions.write((manager) => manager.delete(FileEntity, unclaimed));
    const left = await this.dataSource.getRepository(FileEntity).findBy({ id: In(late.map(({ id }) => id)) });
    // One of them may have been claimed in between.
    await this.drop(late.map(({ id }) => id).filter((id) => !left.some((one) => one.id === id)));
  }

  // One that has just come may be waiting for its row.
  async #dropOld(id: string): Promise<void> {
    const { mtimeMs } = await stat(this.#path(id)).catch(() => ({ mtimeMs: Infinity }));
    if (mtimeMs < this.clock.now() - sweepMs) await rm(this.#path(id), { force: true });
  }

  /** Takes contents off the disk whose rows are gone. */
  async drop(ids: readonly string[]): Promise<void> {
    for (const id of ids) await rm(this.#path(id), { force: true });
  }

  // Where too much waits, what has waited for more than a day gives way first.
  async #refuseFlood(site: SiteEntity): Promise<void> {
    if (!(await this.#isFull(site))) return;
    await this.#dropUnclaimed(dayMs);
    if (await this.#isFull(site))
      throw new HttpException('Too many files wait for their form on this site. Try again later.', 429);
  }

  async #isFull(site: SiteEntity): Promise<boolean> {
    const [{ files, bytes } = { files: 0, bytes: 0 }] = await this.dataSource.query<
      { files: number; bytes: number }[]
    >(
      'SELECT count(*) AS files, coalesce(sum(bytes), 0) AS bytes FROM file WHERE siteId = ? AND submissionId IS NULL AND conversationId IS NULL',
      [site.id],
    );
    return files >= mostUnclaimed.files || bytes >= mostUnclaimed.bytes;
  }

  get #folder(): string {
    return join(this.config.data, 'files');
  }

  #path(id: string): string {
    return join(this.#folder, id);
  }
}
