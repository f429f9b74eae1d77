import { createElement, type Element } from '@sirene/core/document/elements';
import type { ChatMessage } from '@sirene/core/chat';
import { createWidget, type WidgetDocument } from '@sirene/core/document/widget';
import type { Config } from '../config.js';
import { origin, publishAlso, publishSignup, submissionId, TestServer, type Published } from './server.js';

export const token = 'a'.repeat(32);

/** A widget with a chat in it. */
export function chatDocument(changes: Partial<Element & { type: 'chat' }> = {}): WidgetDocument {
  const document = createWidget('Evening desk');
  document.elements = {
    opening: { type: 'group', direction: 'column', children: ['chat'] },
    thanks: { type: 'group', direction: 'column', children: [] },
    chat: { ...createElement('chat'), ...changes },
  };
  return document;
}

export const message = (text: string, more: object = {}) => ({ id: submissionId(), text, ...more });
export const texts = ({ messages }: { messages: ChatMessage[] }) => messages.map(({ text }) => text);

/** A server with a published chat, and both of its sides. */
export class TestChat {
  private constructor(
    readonly server: TestServer,
    readonly there: Published,
  ) {}

  static async start(
    changes: Partial<Element & { type: 'chat' }> = {},
    config: Partial<Config> = {},
  ): Promise<TestChat> {
    const server = await TestServer.start(config);
    return new TestChat(
      server,
      await publishAlso(server, await publishSignup(server), chatDocument(changes)),
    );
  }

  visitor = <M extends object>(more: M) => ({
    ...{ token, widget: this.there.widget, page: `${origin}/shows/`, title: 'Shows' },
    ...more,
  });
  chat = (path: string, body: object) =>
    this.server.post(`/c/${this.there.key}/chat/${path}`, body, { origin });
  say = (text: string, more: object = {}) =>
    this.chat('messages', this.visitor({ message: message(text), ...more }));
  follow = async (more: object = {}) =>
    (await this.chat('follow', { token, widget: this.there.widget, after: 0, wait: false, ...more })).body;
  desk = (path = '') => `/api/sites/${this.there.siteId}/conversations${path}`;
  going = async () => (await this.server.get(this.desk('?state=going'))).body;
  answer = (id: string, text: string, note = false) =>
    this.server.post(this.desk(`/${id}/messages`), { message: message(text), note });
  change = (id: string, changes: object) => this.server.send('PATCH', this.desk(`/${id}`), changes);
}
