// One end of a chat's line, for programs: what is asked finds its answer.
import { createRequire } from 'node:module';
import { root } from '../scripts/lib.mjs';

export const { WebSocket, WebSocketServer } = createRequire(`${root}server/package.json`)('ws');

export class Line {
  #socket;
  #next = 1;
  #asked = new Map();

  constructor(address, headers) {
    this.#socket = new WebSocket(address, { headers, perMessageDeflate: false });
    this.open = new Promise((done, fail) => {
      this.#socket.once('open', done);
      this.#socket.once('error', fail);
    });
    this.#socket.on('error', () => {});
    this.#socket.on('close', () => {
      for (const { fail } of this.#asked.values()) fail(new Error('The line is down'));
      this.#asked.clear();
    });
    this.#socket.on('message', (data) => {
      const { ask, ok, refused } = JSON.parse(data);
      const asked = this.#asked.get(ask);
      this.#asked.delete(ask);
      if (refused) asked?.fail(new Error(`${refused.status} ${refused.message}`));
      else asked?.done(ok);
    });
  }

  get isOpen() {
    return this.#socket.readyState === WebSocket.OPEN;
  }

  ask(to, body) {
    return new Promise((done, fail) => {
      if (!this.isOpen) return fail(new Error('The line is down'));
      const ask = this.#next++;
      this.#asked.set(ask, { done, fail });
      this.#socket.send(JSON.stringify({ ask, to, with: body }));
    });
  }

  end() {
    this.#socket.terminate();
  }
}
