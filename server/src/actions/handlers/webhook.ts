import { Injectable } from '@nestjs/common';
import type { Action } from '@sirene/core/actions';
import { FetchError, GuardedFetch } from '../../net/guarded-fetch.js';
import { WebhooksService } from '../../webhooks/webhooks.service.js';
import { Unwanted, type ActionHandler, type Errand } from '../handler.js';

type Webhook = Extract<Action, { type: 'webhook' }>;

/** How long a receiver may take to answer, ms. */
const patience = 10_000;

const reasons: Readonly<Record<FetchError['reason'], string>> = {
  private: 'the address is a private one; Sirene calls public ones only',
  'unknown host': 'there is no server of this name',
  slow: `no answer within ${patience / 1000} s`,
  broken: 'the connection failed',
  'too large': 'the answer is too large',
};

/** Calls a server with what was sent, signed with the site's key. */
@Injectable()
export class WebhookHandler implements ActionHandler<Webhook> {
  constructor(
    private readonly net: GuardedFetch,
    private readonly webhooks: WebhooksService,
  ) {}

  targets({ url }: Webhook) {
    return url === '' ? [] : [{ target: url, settings: {} }];
  }

  /** Any 2xx takes it; 410 is a receiver that wants no more (Standard Webhooks). The id is the same at each try. */
  async run({ delivery, submission, person, site, isTest }: Errand): Promise<void> {
    const { id, widgetId, widgetName, versionNumber, fields, page, pageTitle, receivedAt } = submission;
    const body = JSON.stringify({
      type: isTest ? 'submission.test' : 'submission.received',
      timestamp: new Date(receivedAt).toISOString(),
      data: {
        id,
        site: { id: site.id, name: site.name },
        widget: { id: widgetId, name: widgetName, version: versionNumber },
        person: person && { id: person.id, email: person.email, phone: person.phone, name: person.name },
        page: { url: page, title: pageTitle },
        answers: fields.map(({ key, label, value, phone, answer = phone ?? value }) => ({
          key,
          label,
          value: answer,
        })),
      },
    });
    const headers = await this.webhooks.headers(site, delivery.id, body);
    const answer = await this.net
      .fetch(new URL(delivery.target), {
        method: 'POST',
        headers: { 'content-type': 'application/json', 'user-agent': 'Sirene', ...headers },
        body,
        patience,
      })
      .catch((error: unknown) => {
        throw error instanceof FetchError ? new Error(`Not delivered: ${reasons[error.reason]}.`) : error;
      });
    await answer.drop();
    if (answer.status === 410) throw new Unwanted('The receiver answered 410: it wants no more of these.');
    if (answer.location !== null)
      throw new Error(`The receiver answered ${answer.status}: redirects are not followed.`);
    if (!answer.ok) throw new Error(`The receiver answered ${answer.status}.`);
  }
}
