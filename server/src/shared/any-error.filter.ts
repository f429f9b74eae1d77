import { valueAt } from '@sirene/core/base/maps';
import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { FastifyReply } from 'fastify';
import { retryAfter, storageFault } from '../database/storage-fault.js';
import type { ProblemBody } from './problems.js';

interface FastifyRefusal {
  statusCode?: number;
  code?: string;
  message?: string;
}

const plain: Record<string, string> = {
  FST_ERR_CTP_BODY_TOO_LARGE: 'The request is too large',
  FST_ERR_CTP_INVALID_JSON_BODY: 'The body is not valid JSON',
  FST_ERR_CTP_EMPTY_JSON_BODY: 'The body is empty',
  FST_ERR_CTP_INVALID_MEDIA_TYPE: 'The body must be sent as application/json',
};

/** Writes every refusal in one form; what nobody foresaw is logged whole and told in one sentence. */
@Catch()
export class AnyErrorFilter implements ExceptionFilter {
  readonly #logger = new Logger('Request');

  catch(error: unknown, host: ArgumentsHost): void {
    const reply = host.getArgByIndex<FastifyReply>(1);
    const body = problemOf(storageFault(error) ?? error);
    if (body.statusCode >= 500) this.#logger.error(error);
    if (body.statusCode === 503) void reply.header('retry-after', retryAfter);
    // The handler may have announced a CSV or a page before it refused.
    void reply.status(body.statusCode).type('application/json; charset=utf-8').send(body);
  }
}

/** What is said of an error: in its own words where it is a refusal, and nothing of what nobody foresaw. */
export function problemOf(error: unknown): ProblemBody {
  if (error instanceof HttpException) {
    const response = error['response'] as string | object;
    const statusCode = error.getStatus();
    return typeof response === 'string'
      ? { statusCode, message: response }
      : { ...(response as ProblemBody), statusCode };
  }
  const { statusCode, code, message } = error as FastifyRefusal;
  if (statusCode && statusCode >= 400 && statusCode < 500) {
    return {
      statusCode,
      message: valueAt(plain, code ?? '') ?? message ?? 'The request could not be read',
    };
  }
  return {
    statusCode: 500,
    message: 'Something went wrong on our side. Nothing was changed; please try again.',
  };
}
