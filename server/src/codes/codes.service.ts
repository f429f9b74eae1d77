import { BadRequestException, GoneException, Inject, Injectable, NotFoundException } from '@nestjs/common';
import { valueAt } from '@sirene/core/base/maps';
import type { Element, ElementType } from '@sirene/core/document/elements';
import type { WidgetDocument } from '@sirene/core/document/widget';
import type { Database } from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { hashOf, newToken } from '../accounts/tokens.js';
import { CLOCK, type ServerClock } from '../config.js';
import { statement } from '../database/statements.js';
import { Transactions } from '../database/transactions.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { WidgetsService } from '../widgets/widgets.service.js';
import { SigningKeyEntity } from './codes.entity.js';
import type { AddCodesDto, AskCodeDto, StartDto } from './dto/codes.dto.js';
import { readStart, signStart } from './signed-start.js';

/** The most codes that a site keeps. */
const mostCodes = 200_000;

@Injectable()
export class CodesService {
  constructor(
    private readonly dataSource: DataSource,
    private readonly transactions: Transactions,
    private readonly widgets: WidgetsService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** The site's pools, and how many codes of each are given. */
  pools(site: SiteEntity): Promise<{ pool: string; total: number; given: number }[]> {
    return this.dataSource.query(
      'SELECT pool, COUNT(*) AS total, COUNT(givenTo) AS given FROM code WHERE siteId = ? GROUP BY pool ORDER BY pool',
      [site.id],
    );
  }

  /** Puts codes into a pool; those that it has already stay as they are. */
  async add(site: SiteEntity, { pool, codes }: AddCodesDto): Promise<{ added: number; total: number }> {
    return this.transactions.writeBare((database) => {
      const count = (where: string, ...values: string[]) =>
        (statement(database, `SELECT COUNT(*) AS n FROM code WHERE ${where}`).get(...values) as { n: number })
          .n;
      if (count('siteId = ?', site.id) + codes.length > mostCodes)
        throw new BadRequestException(`codes: a site keeps at most ${mostCodes} codes. Delete a pool first.`);
      const insert = statement(
        database,
        'INSERT INTO code (siteId, pool, code) VALUES (?, ?, ?) ON CONFLICT DO NOTHING',
      );
      const added = codes.reduce((sum, code) => sum + insert.run(site.id, pool, code).changes, 0);
      return { added, total: count('siteId = ? AND pool = ?', site.id, pool) };
    });
  }

  /** Deletes a pool with all of its codes, given or not. */
  async remove(site: SiteEntity, pool: string): Promise<void> {
    await this.transactions.writeBare((database) => {
      const { changes } = statement(database, 'DELETE FROM code WHERE siteId = ? AND pool = ?').run(
        site.id,
        pool,
      );
      if (changes === 0) throw new NotFoundException('There is no such pool of codes.');
    });
  }

  /** Signs that a visitor's own countdown begins now: what hangs on it is given for as long as it lasts. */
  async start(site: SiteEntity, { widget, element }: StartDto): Promise<{ start: string; at: number }> {
    const { goal, lasts = 20 } = await this.#element(site, widget, element, 'countdown');
    if (goal !== 'own') throw new BadRequestException('element must be a countdown of the visitor’s own');
    const at = this.clock.now();
    const until = at + Math.round(lasts * 60_000);
    return { start: signStart({ widget, element, at, until }, await this.#key(site)), at };
  }

  /** Gives a visitor a code of the pool: always the same, and to nobody else. Refuses who comes too late. */
  async give(site: SiteEntity, { widget, element, visitor, start }: AskCodeDto): Promise<{ code: string }> {
    const { pool, expires } = await this.#element(site, widget, element, 'code');
    if (pool === undefined) throw new BadRequestException('element must be a code of a pool');
    if (expires) await this.#refuseLate(site, widget, start);
    const now = this.clock.now();
    const code = await this.transactions.writeBare((database) =>
      giveOne(database, [site.id, pool], hashOf(visitor), now),
    );
    if (code === null) throw new GoneException('No codes are left.');
    return { code };
  }

  async #refuseLate(site: SiteEntity, widget: string, start: string | undefined): Promise<void> {
    const begun = start === undefined ? null : readStart(start, await this.#key(site));
    if (begun?.widget !== widget) throw new BadRequestException('start must be one that was signed here');
    if (begun.until < this.clock.now()) throw new GoneException('The time for this code is over.');
  }

  async #element<T extends ElementType>(site: SiteEntity, widget: string, element: string, type: T) {
    const document: WidgetDocument | null = await this.widgets.publishedDocument(site, widget);
    const found = document && valueAt(document.elements, element);
    if (found?.type !== type) throw new NotFoundException(`element ${element} is no ${type} of this widget`);
    return found as Extract<Element, { type: T }>;
  }

  /** The site's own key, made when it is first needed. */
  async #key({ id: siteId }: SiteEntity): Promise<string> {
    const known = await this.dataSource.getRepository(SigningKeyEntity).findOneBy({ siteId });
    if (known) return known.key;
    return this.transactions.write(async (manager) => {
      // Two who need it at once get the same.
      const made =
        (await manager.findOneBy(SigningKeyEntity, { siteId })) ??
        (await manager.save(SigningKeyEntity, { siteId, key: newToken() }));
      return made.key;
    });
  }
}

function giveOne(database: Database, pool: [string, string], visitor: string, now: number): string | null {
  const own = statement(database, 'SELECT code FROM code WHERE siteId = ? AND pool = ? AND givenTo = ?').get(
    ...pool,
    visitor,
  );
  const given =
    own ??
    statement(
      database,
      `UPDATE code SET givenTo = ?, givenAt = ? WHERE rowid =
         (SELECT rowid FROM code WHERE siteId = ? AND pool = ? AND givenTo IS NULL LIMIT 1) RETURNING code`,
    ).get(visitor, now, ...pool);
  return (given as { code: string } | undefined)?.code ?? null;
}
