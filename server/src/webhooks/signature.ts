import { createHmac, randomBytes, timingSafeEqual } from 'node:crypto';

// Standard Webhooks 1.0: a message is signed over its id, its time and its body, with keys that begin with `whsec_`.

const prefix = 'whsec_';

/** A new key: 32 random bytes in Base64. */
export const newWebhookKey = (): string => prefix + randomBytes(32).toString('base64');

/** What is signed of a message. */
export interface Message {
  id: string;
  /** Seconds since 1970. */
  timestamp: number;
  body: string;
}

const signed = ({ id, timestamp, body }: Message, key: string): string =>
  createHmac('sha256', Buffer.from(key.slice(prefix.length), 'base64'))
    .update(`${id}.${timestamp}.${body}`)
    .digest('base64');

/** The headers of a message: signed with each of the keys, so that a receiver who knows one of them takes it. */
export const webhookHeaders = (message: Message, keys: readonly string[]): Record<string, string> => ({
  'webhook-id': message.id,
  'webhook-timestamp': String(message.timestamp),
  'webhook-signature': keys.map((key) => `v1,${signed(message, key)}`).join(' '),
});

/** How far a message's time may be from the receiver's, s. */
const tolerance = 300;

/**
 * Whether a message is what a holder of the key sent, a moment ago.
 *
 * @param now seconds since 1970
 */
export function isGenuine(
  message: Message,
  signatures: string,
  keys: readonly string[],
  now: number,
): boolean {
  if (!(Math.abs(now - message.timestamp) <= tolerance)) return false;
  const expected = keys.map((key) => Buffer.from(signed(message, key)));
  return signatures.split(' ').some((one) => {
    const [version, value = ''] = one.split(',');
    const given = Buffer.from(value);
    return (
      version === 'v1' && expected.some((own) => own.length === given.length && timingSafeEqual(own, given))
    );
  });
}
