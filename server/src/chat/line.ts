import { valueAt } from '@sirene/core/base/maps';
import { Logger, type Type } from '@nestjs/common';
import type { WebSocket } from 'ws';
import { storageFault } from '../database/storage-fault.js';
import { problemOf } from '../shared/any-error.filter.js';
import { BodyPipe } from '../shared/body.pipe.js';
import { flood, FrameLimit } from './frame-limit.js';

/** The largest frame, bytes; above it the line is cut (RFC 6455, 7.4.1: 1009). */
export const largestFrame = 64_000;

/** Why a line is cut (RFC 6455, 7.4.1). */
export const cutFor = { policy: 1008, tooBusy: 1013 } as const;

/** So often it is asked whether the other side is still there, ms. */
const heartbeatMs = 30_000;

/** What may be asked over a line: what it is checked by, and who answers. */
export interface Handler {
  body: Type<object>;
  /** Whether it is answered once something happens: asked again meanwhile, the later question takes its place. */
  waits: boolean;
  /** @param gone aborted with the line, and for one that waits with the next of its name */
  answer(body: never, gone: AbortSignal): Promise<unknown>;
}

type Answer<B> = (body: B, gone: AbortSignal) => Promise<unknown>;

/** @example { messages: asks(VisitorMessageDto, (said) => chat.say(site, said)) } */
export const asks = <B extends object>(body: Type<B>, answer: Answer<B>): Handler => ({
  ...{ body, answer, waits: false },
});

/** @example { follow: waits(FollowDto, (asked, gone) => chat.follow(site, asked, gone)) } */
export const waits = <B extends object>(body: Type<B>, answer: Answer<B>): Handler => ({
  ...{ body, answer, waits: true },
});

interface Frame {
  ask: number;
  to: string;
  with: unknown;
}

const logger = new Logger('ChatLine');
const over = new Error('Nobody waits for the answer any more.');
const pipe = new BodyPipe();

/**
 * Answers what is asked over a socket: `{ ask, to, with }` is answered by `{ ask, ok }`, or by `{ ask, refused: { status, message } }` in
 * the words that the same request would be refused with.
 */
export function serveLine(
  client: WebSocket,
  handlers: Readonly<Record<string, Handler>>,
  clock = Date.now,
): void {
  const limit = new FrameLimit(clock());
  const underWay = new Set<AbortController>();
  const last = new Map<string, AbortController>();
  let isCut = false;
  let waiting = 0;
  let isAlive = true;

  // With a reason that is there already: to make one each time took as long as to look for what is asked.
  const end = () => {
    isCut = true;
    for (const one of underWay) one.abort(over);
  };
  const cut = (code: number, why: string) => {
    end();
    // Its side of the closing handshake could not be read otherwise.
    client.resume();
    client.close(code, why);
  };
  const send = (answer: object) => {
    if (client.readyState === client.OPEN) client.send(JSON.stringify(answer));
  };

  async function answer({ ask, to, with: body }: Frame): Promise<void> {
    const handler = valueAt(handlers, to);
    if (!handler) return send({ ask, refused: { status: 404, message: `There is nothing called ${to}.` } });
    const own = new AbortController();
    if (handler.waits) {
      last.get(to)?.abort(over);
      last.set(to, own);
    }
    underWay.add(own);
    try {
      const checked = (await pipe.transform(body, { type: 'body', metatype: handler.body })) as never;
      const ok = await handler.answer(checked, own.signal);
      if (!own.signal.aborted) send({ ask, ok: ok ?? null });
    } catch (error) {
      send({ ask, refused: refusalOf(error) });
    } finally {
      underWay.delete(own);
      if (last.get(to) === own) last.delete(to);
    }
  }

  client.on('message', (data, isBinary) => {
    if (isCut) return;
    const frame = isBinary ? undefined : frameOf(data.toString());
    if (!frame) return cut(cutFor.policy, 'A frame must be JSON of the form { ask, to, with }.');
    const wait = limit.take(clock());
    if (wait === 0) return void answer(frame).catch((error: unknown) => logger.error(error));
    // Slowed first: what is sent further waits in the sender's own buffers.
    waiting++;
    client.pause();
    setTimeout(() => {
      waiting--;
      if (isCut) return;
      if (wait > flood.ms && waiting > flood.frames)
        return cut(cutFor.policy, 'Too many frames: at most 20 a second.');
      if (waiting === 0) client.resume();
      answer(frame).catch((error: unknown) => logger.error(error));
    }, wait).unref();
  });
  client.on('pong', () => {
    isAlive = true;
  });
  const heartbeat = setInterval(() => {
    if (!isAlive) return client.terminate();
    isAlive = false;
    client.ping();
  }, heartbeatMs);
  client.on('close', () => {
    clearInterval(heartbeat);
    end();
  });
}

function frameOf(text: string): Frame | undefined {
  try {
    const frame = JSON.parse(text) as Partial<Frame> | null;
    const isFrame =
      typeof frame === 'object' &&
      Number.isSafeInteger(frame?.ask) &&
      typeof frame?.to === 'string' &&
      frame.to.length <= 40;
    return isFrame ? (frame as Frame) : undefined;
  } catch {
    return undefined;
  }
}

function refusalOf(error: unknown): { status: number; message: string } {
  const { statusCode, message } = problemOf(storageFault(error) ?? error);
  if (statusCode >= 500) logger.error(error);
  return { status: statusCode, message };
}
