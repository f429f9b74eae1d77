import { randomBytes } from 'node:crypto';
import { Inject, Injectable } from '@nestjs/common';
import { valueAt } from '@sirene/core/base/maps';
import { CONFIG, type Config } from '../config.js';
import { ServiceError } from '../services/service-client.js';
import { ServicesService, type ServiceAccount } from '../services/services.service.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { BridgeService } from './bridge.service.js';
import { MessengerClient } from './messenger-client.js';

/** What can be tested of a site's messenger, in the order in which it is set up. */
export const bridgeSteps = ['address', 'key', 'webhook', 'signature', 'domains'] as const;
export type BridgeStep = (typeof bridgeSteps)[number];

/** How a test went. */
export interface Checked {
  step: BridgeStep;
  works: boolean;
  /** What was found. */
  says: string;
  /** What to do about it; empty where it works. */
  todo: string;
}

type Found = Omit<Checked, 'step'>;

const works = (says: string): Found => ({ works: true, says, todo: '' });
const fails = (says: string, todo: string): Found => ({ works: false, says, todo });

/** Tests each thing that has to be right for a messenger to work, by itself, and says what is wrong. */
@Injectable()
export class BridgeChecks {
  constructor(
    private readonly services: ServicesService,
    private readonly client: MessengerClient,
    private readonly bridge: BridgeService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  /** Tests one thing. */
  async check(site: SiteEntity, step: BridgeStep): Promise<Checked> {
    const account = await this.services.of(site, 'messenger');
    if (!account)
      return { step, ...fails('No messenger is set up.', 'Enter its URL, API key and signing key above.') };
    try {
      return { step, ...(await this.#tests[step](site, account)) };
    } catch (error) {
      if (!(error instanceof ServiceError)) throw error;
      const todo =
        valueAt(todos, step) ?? 'Test the steps above first: without them nothing can be said of this one.';
      return { step, ...fails(error.message, todo) };
    }
  }

  readonly #tests: Readonly<
    Record<BridgeStep, (site: SiteEntity, account: ServiceAccount) => Promise<Found>>
  > = {
    address: async (_, account) => {
      await this.client.reach(account);
      return works(`It answers at ${account.url}.`);
    },
    key: async (_, account) => {
      const { name } = await this.client.channel(account);
      return works(`The API key belongs to the channel “${name}”.`);
    },
    webhook: async (site, account) => {
      const { webhookUrl } = await this.client.channel(account);
      const own = this.#webhookOf(site);
      return webhookUrl === own
        ? works('The messenger sends what people write to this server.')
        : fails(
            webhookUrl === ''
              ? 'The messenger sends what people write nowhere yet.'
              : `The messenger sends what people write to ${webhookUrl}.`,
            `In the messenger’s settings, enter ${own} as the webhook URL.`,
          );
    },
    signature: async (site, account) => {
      const { id, status } = await this.client.test(account, randomBytes(16).toString('hex'));
      if (this.bridge.hasHeard(site, id)) return works('A test message arrived, and its signature is right.');
      if (status === 401)
        return fails(
          'A test message arrived, but its signature is wrong.',
          'Copy the signing key from the messenger’s settings once more.',
        );
      return status === 0
        ? fails(
            'A test message was sent and did not arrive.',
            `The messenger has to reach ${this.config.origin}. Is the server behind a firewall?`,
          )
        : fails(
            `A test message was sent, and answered with ${status} by whatever is at the webhook URL.`,
            'Test “Webhook URL” first.',
          );
    },
    domains: async (site, account) => {
      const { domains } = await this.client.channel(account);
      const missing = site.origins.filter((origin) => !domains.includes(origin));
      if (site.origins.length === 0)
        return fails('The site has no allowed origins yet.', 'Add them below, under “Allowed origins”.');
      return missing.length === 0
        ? works('All pages of the site may lead to the messenger.')
        : fails(
            `Pages of ${missing.join(', ')} may not lead to the messenger.`,
            'In the messenger’s settings, add these to the allowed domains.',
          );
    },
  };

  #webhookOf({ key }: SiteEntity): string {
    return `${this.config.origin}/p/${key}/messenger`;
  }
}

/** What to do where the messenger itself is at fault. */
const todos: Partial<Readonly<Record<BridgeStep, string>>> = {
  address: 'Compare the URL with the one in the messenger’s settings.',
  key: 'Copy the API key from the messenger’s settings once more.',
};
