import { resolve } from 'node:path';
import { valueAt } from '@sirene/core/base/maps';
import ipaddr from 'ipaddr.js';

/** How this process is set up. All of it comes from the environment; docs/operations.md lists the names. */
export interface Config {
  port: number;
  /** Folder that holds the database; back it up and all is backed up. */
  data: string;
  /** The studio's own address, as links in mails need it. */
  origin: string;
  /** Whether anyone may sign in as the demo designer. */
  demo: boolean;
  /** Where mail is handed over, as an SMTP URL. */
  smtpUrl: string;
  mailFrom: string;
  /** Port of the mail stand-in, or null when real mail is set up. */
  standinSmtpPort: number | null;
  /** Port of the webhook stand-in, or null where there is none. */
  standinHookPort: number | null;
  /** Port of the payment stand-in, or null where there is none. */
  standinPaymentPort: number | null;
  /** Port of the stand-in for member services, or null where there is none. */
  standinMemberPort: number | null;
  /** Port of the stand-in for messengers, or null where there is none. */
  standinMessengerPort: number | null;
  /** Whether a thread of its own stores submissions; else they are stored as all is. */
  writeThread: boolean;
  submissionsPerMinute: number;
  signInsPerMinute: number;
  /** How often one visitor may ask for what pages fetch: manifest, bodies, hosted pages, uploads. */
  readsPerMinute: number;
  /**
   * Whose word for a visitor's address is believed: nobody's, that of so many proxies in front of this server, or that
   * of the named networks.
   */
  trustProxy: false | number | string[];
  /** How long a page of a client's site may take to be fetched, ms. */
  pagePatienceMs: number;
  /** Hosts, with their port, that pages may be fetched from though they are private ones. */
  privateHosts: string[];
  /** Folders of the built studio and embed, served as they are; null where a test needs neither. */
  studio: string | null;
  embed: string | null;
}

/** Thrown when the environment holds something that can't be used; the message names it. */
export class ConfigError extends Error {}

export function readConfig(env: NodeJS.ProcessEnv): Config {
  const port = wholeNumber(env, 'SIRENE_PORT', 4300);
  const standinPort = wholeNumber(env, 'SIRENE_SMTP_PORT', 4325);
  const hookPort = wholeNumber(env, 'SIRENE_TEST_WEBHOOK_PORT', standinPort + 1);
  const paymentPort = wholeNumber(env, 'SIRENE_TEST_PAYMENT_PORT', standinPort + 2);
  const memberPort = wholeNumber(env, 'SIRENE_TEST_MEMBER_PORT', standinPort + 3);
  const messengerPort = wholeNumber(env, 'SIRENE_TEST_MESSENGER_PORT', standinPort + 4);
  const smtpUrl = env['SIRENE_SMTP_URL'];
  const demo = env['SIRENE_DEMO'] === '1';
  return {
    port,
    data: resolve(env['SIRENE_DATA'] ?? './data'),
    origin: env['SIRENE_ORIGIN'] ?? `http://localhost:${port}`,
    demo,
    smtpUrl: smtpUrl ?? `smtp://127.0.0.1:${standinPort}`,
    mailFrom: env['SIRENE_MAIL_FROM'] ?? 'Sirene <post@sirene.example>',
    standinSmtpPort: smtpUrl ? null : standinPort,
    standinHookPort: demo ? hookPort : null,
    standinPaymentPort: demo ? paymentPort : null,
    standinMemberPort: demo ? memberPort : null,
    standinMessengerPort: demo ? messengerPort : null,
    writeThread: true,
    submissionsPerMinute: wholeNumber(env, 'SIRENE_SUBMISSIONS_PER_MINUTE', 60, 10_000_000),
    signInsPerMinute: wholeNumber(env, 'SIRENE_SIGN_INS_PER_MINUTE', 10, 10_000),
    readsPerMinute: wholeNumber(env, 'SIRENE_READS_PER_MINUTE', 6000, 10_000_000),
    trustProxy: trustedProxies(env),
    pagePatienceMs: 8000,
    privateHosts: [
      ...(env['SIRENE_PRIVATE_HOSTS'] ?? '').split(',').map((host) => host.trim()),
      ...(demo ? [hookPort, paymentPort, memberPort, messengerPort].map((port) => `127.0.0.1:${port}`) : []),
    ].filter(Boolean),
    studio: resolve(import.meta.dirname, '../../studio/dist'),
    embed: resolve(import.meta.dirname, '../../embed/dist/public'),
  };
}

/** A number of hops, or networks such as `10.0.0.0/8, fd00::/8`; never "whatever a request says of itself". */
function trustedProxies(env: NodeJS.ProcessEnv): false | number | string[] {
  const name = 'SIRENE_TRUST_PROXY';
  const text = (valueAt(env, name) ?? '').trim();
  if (text === '') return false;
  if (/^\d+$/.test(text)) return wholeNumber(env, name, 1, 10);
  const networks = text.split(',').map((one) => one.trim());
  for (const network of networks)
    if (!ipaddr.isValid(network) && !ipaddr.isValidCIDR(network))
      throw new ConfigError(
        `${name} is "${text}"; it must be the number of proxies in front of Sirene, or their networks, such as 10.0.0.0/8.`,
      );
  return networks;
}

function wholeNumber(env: NodeJS.ProcessEnv, name: string, fallback: number, most = 65_535): number {
  const text = valueAt(env, name);
  if (text === undefined || text === '') return fallback;
  const number = Number(text);
  if (!Number.isInteger(number) || number < 1 || number > most) {
    throw new ConfigError(`${name} is "${text}"; it must be a whole number from 1 to ${most}.`);
  }
  return number;
}

/** Token under which the configuration is injected. */
export const CONFIG = Symbol('config');

/** Token under which the clock is injected: time is never read elsewhere. */
export const CLOCK = Symbol('clock');

export interface ServerClock {
  /** ms since the epoch. */
  now(): number;
}
