import { Type } from '@sinclair/typebox';
import { safeAddress } from '../base/sanitise/index.js';
import { actionSchema, type ActionSpec } from './action.js';

/** The host that a webhook calls; the address itself where it is none yet. */
function hostOf(address: string): string {
  const [, host] = /^https?:\/\/([^/?#@]+)/i.exec(address) ?? [];
  return host ?? address;
}

/** Calls a server with what was sent, signed (Standard Webhooks 1.0). */
export const webhook = {
  type: 'webhook',
  label: 'Webhook',
  schema: actionSchema('webhook', { url: Type.String({ maxLength: 2048 }) }),
  create: () => ({ type: 'webhook', url: '' }),
  fields: [
    {
      key: 'url',
      label: 'URL',
      control: 'url',
      help: 'Called with JSON by POST, signed with the site’s webhook key (under Site).',
    },
  ],
  told: ({ url }: { url: string }) => (url === '' ? [] : [hostOf(url)]),
  delivery: (target) => `Webhook to ${hostOf(target)}`,
  tried: 'call',
  phrase: () => 'is called by a webhook',
  problems: ({ url }: { url: string }) =>
    url === '' || (/^https?:\/\/[^/]/i.test(url) && safeAddress(url) !== null)
      ? []
      : [['url', 'must be a web address, starting with https://']],
} satisfies ActionSpec;
