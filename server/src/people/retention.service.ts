import { Inject, Injectable, Logger, type OnApplicationShutdown } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { CLOCK, type ServerClock } from '../config.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import { RemovalService } from './removal.service.js';

const dayMs = 86_400_000;
/** How often it is looked for what is too old, ms. */
const everyMs = 3_600_000;
/** Deleted at a time, so that everyone else has their turn. */
const batch = 200;

interface Kept {
  widgetId: string;
  siteId: string;
  days: number;
}

/** Deletes submissions once their form has kept them for as long as it says, with files, deliveries and rows of spreadsheets. */
@Injectable()
export class RetentionService implements OnApplicationShutdown {
  readonly #logger = new Logger('Retention');
  #timer: NodeJS.Timeout | undefined;

  constructor(
    private readonly dataSource: DataSource,
    private readonly removal: RemovalService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Starts looking for what is too old, now and once an hour. */
  start(): void {
    const run = () => {
      this.run().catch((error: unknown) => this.#logger.error(error));
    };
    run();
    this.#timer ??= setInterval(run, everyMs).unref();
  }

  onApplicationShutdown(): void {
    clearInterval(this.#timer);
  }

  /** How many submissions of a widget are older than so many days, of how many. */
  async older(widget: WidgetEntity, days: number): Promise<{ older: number; all: number }> {
    const [row] = await this.dataSource.query<{ older: number | null; all: number }[]>(
      `SELECT sum(receivedAt < ?) AS older, count(*) AS "all" FROM submission WHERE siteId = ? AND widgetId = ?`,
      [this.clock.now() - days * dayMs, widget.siteId, widget.id],
    );
    return { older: row?.older ?? 0, all: row?.all ?? 0 };
  }

  /** Deletes what is too old by what each form said when it was published last. */
  async run(): Promise<void> {
    const kept = await this.dataSource.query<Kept[]>(
      `SELECT widget.id AS widgetId, widget.siteId, json_extract(version.document, '$.afterwards.keep') AS days
       FROM widget JOIN version ON version.widgetId = widget.id
         AND version.number = (SELECT max(number) FROM version latest WHERE latest.widgetId = widget.id)
       WHERE days IS NOT NULL`,
    );
    for (const one of kept) while (await this.#deleteSome(one));
  }

  async #deleteSome({ widgetId, siteId, days }: Kept): Promise<boolean> {
    const before = this.clock.now() - days * dayMs;
    const found = await this.dataSource.query<{ id: string }[]>(
      `SELECT id FROM submission WHERE siteId = ? AND widgetId = ? AND receivedAt < ? LIMIT ${batch}`,
      [siteId, widgetId, before],
    );
    const ids = found.map(({ id }) => id);
    if (ids.length === 0) return false;
    await this.removal.remove(siteId, ids);
    return ids.length === batch;
  }
}
