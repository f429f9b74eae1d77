/** So long it is waited for a socket to open, and for an answer: longer than a question is held back, ms. */
const openMs = 5000;
const answerMs = 45_000;

/** The server has no room for another socket (RFC 6455, IANA's registry of close codes: “Try again later”). */
const tooBusy = 1013;

/** What was asked is refused: by which status of HTTP, and why. */
export class Refused extends Error {
  constructor(
    readonly status: number,
    message: string,
  ) {
    super(message);
  }
}

interface Asked {
  done(answer: unknown): void;
  fail(error: Error): void;
}

/** Asks over one socket (RFC 6455), which is opened with the first question, and anew with the next one after a cut. */
export class LineSocket {
  /**
   * No further try is made: it has never been open, as some networks let no sockets through, or the server has no room for one.
   */
  isBlocked = typeof WebSocket === 'undefined';
  #hasOpened = false;
  #opening: Promise<WebSocket> | undefined;
  #next = 1;
  readonly #asked = new Map<number, Asked>();

  /** @param address of the line: `https:` and `http:` stand for `wss:` and `ws:` */
  constructor(private readonly address: string) {}

  /**
   * Resolved with the answer; rejected with `Refused`, or with another error where the line is down.
   *
   * @param signal ends it: an answer that comes later is dropped
   */
  async ask(to: string, body: object, signal?: AbortSignal): Promise<unknown> {
    const socket = await (this.#opening ??= this.#open());
    return new Promise((resolve, reject) => {
      const number = this.#next++;
      const over = () => {
        clearTimeout(timer);
        signal?.removeEventListener('abort', ended);
        this.#asked.delete(number);
      };
      const asked = {
        done: (answer: unknown) => (over(), resolve(answer)),
        fail: (error: Error) => (over(), reject(error)),
      };
      const ended = () => asked.fail(new Error('ended'));
      // Nothing at all for so long: the line is down, whatever the socket says.
      const timer = setTimeout(() => socket.close(), answerMs);
      if (signal?.aborted) return ended();
      signal?.addEventListener('abort', ended);
      this.#asked.set(number, asked);
      socket.send(JSON.stringify({ ask: number, to, with: body }));
    });
  }

  /** Closes it; asked again, it is opened anew. */
  end(): void {
    this.#opening?.then((socket) => socket.close()).catch(() => undefined);
  }

  #open(): Promise<WebSocket> {
    return new Promise((resolve, reject) => {
      let socket: WebSocket;
      try {
        socket = new WebSocket(this.address.replace(/^http/, 'ws'));
      } catch (error) {
        // A policy of the page's (CSP) forbids it.
        this.isBlocked = true;
        this.#opening = undefined;
        return reject(error as Error);
      }
      const late = setTimeout(() => socket.close(), openMs);
      socket.onopen = () => {
        clearTimeout(late);
        this.#hasOpened = true;
        resolve(socket);
      };
      socket.onmessage = ({ data }) => this.#answered(String(data));
      socket.onclose = ({ code }) => {
        clearTimeout(late);
        if (!this.#hasOpened || code === tooBusy) this.isBlocked = true;
        this.#opening = undefined;
        const cut = new Error('The line is down');
        reject(cut);
        for (const { fail } of [...this.#asked.values()]) fail(cut);
      };
    });
  }

  #answered(text: string): void {
    const { ask, ok, refused } = JSON.parse(text) as {
      ask: number;
      ok?: unknown;
      refused?: { status: number; message: string };
    };
    const asked = this.#asked.get(ask);
    if (refused) asked?.fail(new Refused(refused.status, refused.message));
    else asked?.done(ok);
  }
}
