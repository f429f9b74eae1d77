import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { constants } from 'node:zlib';
import compress from '@fastify/compress';
import cookie from '@fastify/cookie';
import helmet from '@fastify/helmet';
import { UnsupportedMediaTypeException, type LogLevel } from '@nestjs/common';
import { NestFactory } from '@nestjs/core';
import { FastifyAdapter, type NestFastifyApplication } from '@nestjs/platform-fastify';
import { DocumentBuilder, SwaggerModule, type OpenAPIObject } from '@nestjs/swagger';
import type { FastifyInstance, FastifyReply, FastifyRequest } from 'fastify';
import { AccountsService } from './accounts/accounts.service.js';
import { refuseStrangersBodies } from './accounts/session.guard.js';
import { dropUploads } from './assets/upload.js';
import { AppModule } from './app.module.js';
import { OutboxService } from './actions/outbox.service.js';
import type { Config, ServerClock } from './config.js';
import { BridgeOut } from './bridge/bridge-out.js';
import { QuietChats } from './chat/quiet-chats.js';
import { SocketAdapter } from './chat/socket-adapter.js';
import { FilesService } from './files/files.service.js';
import { RetentionService } from './people/retention.service.js';
import { IndexerService } from './search/indexer.service.js';
import { keepParts } from './serving/embed-parts.js';
import { AnyErrorFilter } from './shared/any-error.filter.js';
import { BodyPipe } from './shared/body.pipe.js';
import './shared/remember-rules.js';
import { encode, sendEncoded } from './shared/encoded.js';
import { withAnswers } from './shared/answers.js';
import { keepRawBodies } from './shared/raw-body.js';
import { withPathParameters } from './shared/path-parameters.js';
import { HookSink } from './standins/hook-sink.js';
import { MailSink } from './standins/mail-sink.js';
import { MemberSink } from './standins/member-sink.js';
import { MessengerSink } from './standins/messenger-sink.js';
import { PaymentSink } from './standins/payment-sink.js';
import { version } from './version.js';
import { openVisitorSurface } from './visitor-surface.js';

/** Largest request body, bytes: a document of 1 MB with room around it. */
const bodyLimit = 1_200_000;

/** Where what is signed is taken, and the largest of it, bytes. */
const signedRoutes: ReadonlySet<string> = new Set(['/p/:key/payments', '/p/:key/messenger']);
const signedBytes = 20_000;

/** Longest time for a request to come in whole, ms: an upload over a slow line. */
const requestMs = 120_000;

/** How long requests that are under way may take once the process is told to end, ms. */
const drainMs = 5000;

export interface Options {
  clock?: ServerClock;
  logger?: LogLevel[] | false;
}

/** Builds the server: everything but listening. */
export async function createApp(
  config: Config,
  { clock, logger }: Options = {},
): Promise<NestFastifyApplication> {
  const adapter = new FastifyAdapter({
    bodyLimit,
    trustProxy: trusted(config.trustProxy),
    requestTimeout: requestMs,
  });
  const app = await NestFactory.create<NestFastifyApplication>(AppModule.with(config, clock), adapter, {
    logger: logger ?? ['error', 'warn'],
    abortOnError: false,
    // Fastify's own, which takes JSON alone: a form of another site can't pass for a request of the studio.
    bodyParser: false,
  });
  app.useWebSocketAdapter(new SocketAdapter(app));
  const fastify = app.getHttpAdapter().getInstance();
  await openVisitorSurface(fastify, config);
  endInTime(fastify);
  await app.register(compress, {
    threshold: 1024,
    encodings: ['br', 'gzip'],
    // Quickly: what is sent often has been compressed before, as well as can be.
    brotliOptions: { params: { [constants.BROTLI_PARAM_QUALITY]: 4 } },
    // What is sent here is read as it is: a small body must not become a large one.
    globalDecompression: false,
  });
  await app.register(cookie);
  refuseStrangersBodies(fastify, app.get(AccountsService));
  await app.register(helmet, {
    contentSecurityPolicy: { directives: studioPolicy },
    crossOriginResourcePolicy: false,
  });
  app.useGlobalPipes(new BodyPipe());
  app.useGlobalFilters(new AnyErrorFilter());
  app.enableShutdownHooks();
  SwaggerModule.setup('api', app, () => describeApi(app), {
    ui: false,
    jsonDocumentUrl: 'api/openapi.json',
    raw: ['json'],
  });
  keepRawBodies(fastify, signedRoutes, signedBytes);
  takeUploads(app);
  takePlainForms(app);
  await serveBuilt(app, config);
  return app;
}

/** The description of the API, as `/api/openapi.json` gives it (OpenAPI 3.1). */
export function describeApi(app: NestFastifyApplication): OpenAPIObject {
  const about = new DocumentBuilder()
    .setOpenAPIVersion('3.1.0')
    .setTitle('Sirene')
    .setVersion(version)
    .addCookieAuth('sirene_session')
    .build();
  return withAnswers(withPathParameters(SwaggerModule.createDocument(app, about)));
}

/** Starts to listen, and what works beside the requests. */
export async function startApp(app: NestFastifyApplication, config: Config): Promise<void> {
  await dropUploads(config.data);
  await app.get(MailSink).start();
  await app.get(HookSink).start();
  await app.get(PaymentSink).start();
  await app.get(MemberSink).start();
  await app.get(MessengerSink).start();
  await app.listen(config.port, '0.0.0.0');
  app.get(OutboxService).start();
  app.get(FilesService).start();
  app.get(RetentionService).start();
  app.get(IndexerService).start();
  app.get(QuietChats).start();
  app.get(BridgeOut).start();
}

/** The address a request comes from is that before the last of so many hops; a visitor can add to those before, never to it. */
const trusted = (proxies: Config['trustProxy']) =>
  typeof proxies === 'number' ? (_: string, hop: number) => hop < proxies : proxies;

const studioPolicy = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  imgSrc: ["'self'", 'data:', 'blob:', 'http:', 'https:'],
  fontSrc: ["'self'", 'data:', 'http:', 'https:'],
  frameSrc: ["'self'"],
  upgradeInsecureRequests: null,
};

// Who sends half a request and waits must not keep the process from ending.
function endInTime(fastify: FastifyInstance): void {
  fastify.addHook('preClose', (done) => {
    setTimeout(() => fastify.server.closeAllConnections(), drainMs).unref();
    done();
  });
}

const uploadRoutes: ReadonlySet<string | undefined> = new Set([
  '/api/sites/:site/assets',
  '/api/sites/:site/lists/:list/import',
  '/c/:key/files',
  '/c/:key/chat/files',
  '/api/sites/:site/conversations/files',
]);

// A file is its own body: no form around it to be taken apart. It is handed on as it comes, and only to where files are
// taken.
function takeUploads(app: NestFastifyApplication): void {
  app
    .getHttpAdapter()
    .getInstance()
    .addContentTypeParser(
      'application/octet-stream',
      (request: FastifyRequest, body: unknown, done: (error: Error | null, body?: unknown) => void) =>
        uploadRoutes.has(request.routeOptions.url)
          ? done(null, body)
          : done(new UnsupportedMediaTypeException('The body must be sent as application/json')),
    );
}

// What a page without a script sends, and a mail program by one click (RFC 8058). Which address it is sent to says it all, so
// that nothing of it is read.
function takePlainForms(app: NestFastifyApplication): void {
  app
    .getHttpAdapter()
    .getInstance()
    .addContentTypeParser(
      ['application/x-www-form-urlencoded', 'multipart/form-data'],
      { parseAs: 'string' },
      (request: FastifyRequest, _: unknown, done: (error: Error | null, body?: unknown) => void) =>
        request.routeOptions.url?.startsWith('/p/')
          ? done(null, {})
          : done(new UnsupportedMediaTypeException('The body must be sent as application/json')),
    );
}

// Their names carry their content's hash.
const forever = { decorateReply: false, immutable: true, maxAge: '1y' } as const;

/** Serves the built embed and studio, where they are. The studio's own addresses all lead to its one page. */
async function serveBuilt(app: NestFastifyApplication, { studio, embed, data }: Config): Promise<void> {
  if (!studio && !embed) return;
  const fastify = app.getHttpAdapter().getInstance();
  // Loaded only where files are served: the test runner can't load it.
  const { default: fastifyStatic } = await import('@fastify/static');
  if (embed && existsSync(embed)) {
    await app.register(fastifyStatic, {
      root: keepParts(join(embed, 'embed'), data),
      prefix: '/embed/',
      ...forever,
      preCompressed: true,
    } as never);
  }
  mkdirSync(join(data, 'assets'), { recursive: true });
  await app.register(fastifyStatic, {
    root: join(data, 'assets'),
    prefix: '/a/',
    ...forever,
  } as never);
  const page = studio && join(studio, 'index.html');
  if (!page || !existsSync(page)) return;
  const html = await encode(readFileSync(page, 'utf8'));
  await app.register(fastifyStatic, {
    root: join(studio, 'assets'),
    prefix: '/assets/',
    ...forever,
    preCompressed: true,
  } as never);
  // Listed when the studio is built, from the places that it has.
  const addresses = JSON.parse(readFileSync(join(studio, 'addresses.json'), 'utf8')) as string[];
  for (const address of addresses) {
    fastify.get(address, (request: FastifyRequest, reply: FastifyReply) => {
      void reply.header('cache-control', 'no-cache').type('text/html; charset=utf-8');
      void sendEncoded(request, reply, html);
    });
  }
}
