import { BadRequestException, Injectable } from '@nestjs/common';
import type { WidgetDocument } from '@sirene/core/document/widget';
import { LRUCache } from 'lru-cache';
import { WorkerPool } from '../foreign/worker-pool.js';

/** Refuses patterns of fields that a text can be made for which takes for ever: in the visitor's page, and here. */
@Injectable()
export class PatternGuard {
  readonly #steady = new LRUCache<string, boolean>({ max: 1000 });

  constructor(private readonly workers: WorkerPool) {}

  /** Throws where a document has such a pattern. */
  async check({ elements }: WidgetDocument): Promise<void> {
    for (const [id, element] of Object.entries(elements)) {
      if (element.type !== 'field' || element.pattern === undefined) continue;
      if (await this.#isSteady(element.pattern)) continue;
      const path = `elements.${id}.pattern`;
      const reason = 'could take very long to check: no two of its parts may match the same text';
      throw new BadRequestException({
        statusCode: 400,
        message: `The document can't be used: ${path} ${reason}`,
        problems: [{ path, reason }],
      });
    }
  }

  async #isSteady(pattern: string): Promise<boolean> {
    const known = this.#steady.get(pattern);
    if (known !== undefined) return known;
    const steady = await this.workers.run('pattern', { pattern });
    this.#steady.set(pattern, steady);
    return steady;
  }
}
