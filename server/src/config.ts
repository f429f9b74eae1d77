import { resolve } from 'node:path';

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
  submissionsPerMinute: number;
  signInsPerMinute: number;
  trustProxy: boolean;
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
  const smtpUrl = env['SIRENE_SMTP_URL'];
  return {
    port,
    data: resolve(env['SIRENE_DATA'] ?? './data'),
    origin: env['SIRENE_ORIGIN'] ?? `http://localhost:${port}`,
    demo: env['SIRENE_DEMO'] === '1',
    smtpUrl: smtpUrl ?? `smtp://127.0.0.1:${standinPort}`,
    mailFrom: env['SIRENE_MAIL_FROM'] ?? 'Sirene <post@sirene.example>',
    standinSmtpPort: smtpUrl ? null : standinPort,
    submissionsPerMinute: wholeNumber(env, 'SIRENE_SUBMISSIONS_PER_MINUTE', 60, 10_000_000),
    signInsPerMinute: wholeNumber(env, 'SIRENE_SIGN_INS_PER_MINUTE', 10, 10_000),
    trustProxy: env['SIRENE_TRUST_PROXY'] === '1',
    privateHosts: (env['SIRENE_PRIVATE_HOSTS'] ?? '')
      .split(',')
      .map((host) => host.trim())
      .filter(Boolean),
    studio: resolve(import.meta.dirname, '../../studio/dist'),
    embed: resolve(import.meta.dirname, '../../embed/dist/public'),
  };
}

function wholeNumber(env: NodeJS.ProcessEnv, name: string, fallback: number, most = 65_535): number {
  const text = env[name];
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
