import { createServer, type IncomingMessage, type Server, type ServerResponse } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Logger } from '@nestjs/common';

/** A small server of a stand-in, which only this machine reaches. */
export class LocalServer {
  #server: Server | undefined;
  #timer: NodeJS.Timeout | undefined;
  readonly #logger: Logger;

  constructor(name: string) {
    this.#logger = new Logger(name);
  }

  /** Starts to listen. Rejected when the port is taken. */
  start(
    port: number,
    take: (request: IncomingMessage, response: ServerResponse) => Promise<void>,
  ): Promise<void> {
    const server = createServer((request, response) => {
      take(request, response).catch((error: unknown) => {
        this.#logger.error(error);
        response.writeHead(500).end();
      });
    });
    this.#server = server;
    return new Promise((resolve, reject) => {
      server.on('error', reject);
      server.listen(port, '127.0.0.1', resolve);
    });
  }

  /** Does something every so many ms, such as telling again what was not taken, for as long as it listens. */
  every(ms: number, work: () => Promise<void>): void {
    if (!this.#server) return;
    this.#timer = setInterval(() => {
      work().catch((error: unknown) => this.#logger.error(error));
    }, ms).unref();
  }

  async stop(): Promise<void> {
    clearInterval(this.#timer);
    this.#server?.closeAllConnections();
    await new Promise<void>((resolve) => (this.#server ? this.#server.close(() => resolve()) : resolve()));
  }

  /** Where it listens; `null` where it does not. */
  get url(): string | null {
    const address = this.#server?.address() as AddressInfo | null | undefined;
    return address ? `http://127.0.0.1:${address.port}` : null;
  }
}

/** The longest body that is read, bytes. */
const longest = 256_000;

/** The body of a request; `null` where it is too long. */
export async function bodyOf(request: IncomingMessage): Promise<string | null> {
  const chunks: Buffer[] = [];
  let size = 0;
  for await (const chunk of request as AsyncIterable<Buffer>) {
    size += chunk.length;
    if (size > longest) return null;
    chunks.push(chunk);
  }
  return Buffer.concat(chunks).toString('utf8');
}

/** One header of a request; empty where it has none. */
export const headerOf = ({ headers }: IncomingMessage, name: string): string =>
  String(new Map(Object.entries(headers)).get(name) ?? '');

/** Answers with JSON. */
export function answerJson(response: ServerResponse, status: number, body: object): void {
  response.writeHead(status, { 'content-type': 'application/json' }).end(JSON.stringify(body));
}

/** A body as JSON; `null` where it is none. */
export function parsedJson(body: string | null): unknown {
  try {
    return JSON.parse(body ?? '');
  } catch {
    return null;
  }
}
