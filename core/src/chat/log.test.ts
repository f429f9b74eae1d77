import fc from 'fast-check';
import {
  emptyLog,
  lastSeq,
  received,
  written,
  type ChatBatch,
  type ChatLog,
  type ChatMessage,
} from './index.js';

/** The server as the sync protocol needs it: an order, and nothing twice. */
class Server {
  readonly messages: ChatMessage[] = [];

  take(id: string, from: 'visitor' | 'desk' | 'note'): void {
    if (this.messages.some((one) => one.id === id)) return;
    const seq = this.messages.length + 1;
    this.messages.push({ seq, id, from, name: '', text: id, at: seq });
  }

  /** Visitors get no notes, so that what they get has gaps. */
  behind(after: number, side: 'visitor' | 'desk'): ChatBatch {
    return {
      after,
      messages: this.messages.filter(({ seq, from }) => seq > after && (side === 'desk' || from !== 'note')),
    };
  }
}

// What happens: somebody writes; what is pending is sent, and its acknowledgement gets through or not; a batch arrives at once,
// late, twice, or never; the page is loaded anew.
const happening = fc.oneof(
  fc.record({
    type: fc.constant('write' as const),
    side: fc.constantFrom('visitor' as const, 'desk' as const),
  }),
  fc.record({ type: fc.constant('note' as const) }),
  fc.record({
    type: fc.constant('send' as const),
    side: fc.constantFrom('visitor' as const, 'desk' as const),
    isAnswered: fc.boolean(),
  }),
  fc.record({
    type: fc.constant('ask' as const),
    side: fc.constantFrom('visitor' as const, 'desk' as const),
  }),
  fc.record({
    type: fc.constant('deliver' as const),
    side: fc.constantFrom('visitor' as const, 'desk' as const),
    which: fc.nat(30),
  }),
  fc.record({
    type: fc.constant('reload' as const),
    side: fc.constantFrom('visitor' as const, 'desk' as const),
  }),
);

test('whatever happens to the line, both sides end with every message once and in one order', () => {
  fc.assert(
    fc.property(fc.array(happening, { maxLength: 120 }), (happenings) => {
      const server = new Server();
      const logs: Record<'visitor' | 'desk', ChatLog> = { visitor: emptyLog, desk: emptyLog };
      const onTheWay: Record<'visitor' | 'desk', ChatBatch[]> = { visitor: [], desk: [] };
      const all: string[] = [];
      let made = 0;
      const flush = (side: 'visitor' | 'desk') => {
        for (const { id } of logs[side].pending) server.take(id, side);
      };
      const catchUp = (side: 'visitor' | 'desk') => {
        logs[side] = received(logs[side], server.behind(lastSeq(logs[side]), side));
      };
      for (const one of happenings) {
        if (one.type === 'write') {
          const id = `m${made++}`;
          all.push(id);
          logs[one.side] = written(written(logs[one.side], { id, text: id }), { id, text: id });
        } else if (one.type === 'note') server.take(`n${made++}`, 'note');
        else if (one.type === 'send') {
          flush(one.side);
          if (one.isAnswered) catchUp(one.side);
        } else if (one.type === 'ask')
          onTheWay[one.side].push(server.behind(lastSeq(logs[one.side]), one.side));
        else if (one.type === 'deliver') {
          const batches = onTheWay[one.side];
          const batch = batches[one.which % Math.max(1, batches.length)];
          if (batch) logs[one.side] = received(logs[one.side], batch);
        } else logs[one.side] = { messages: [], pending: logs[one.side].pending };
        // At no moment is anything twice, or out of order.
        for (const side of ['visitor', 'desk'] as const) {
          const seqs = logs[side].messages.map(({ seq }) => seq);
          expect(seqs).toEqual([...new Set(seqs)].sort((a, b) => a - b));
        }
      }
      for (const side of ['visitor', 'desk'] as const) flush(side);
      for (const side of ['visitor', 'desk'] as const) catchUp(side);
      expect(logs.desk.messages).toEqual(server.messages);
      expect(logs.visitor.messages).toEqual(server.messages.filter(({ from }) => from !== 'note'));
      expect(new Set(logs.desk.messages.filter(({ from }) => from !== 'note').map(({ id }) => id))).toEqual(
        new Set(all),
      );
      expect([logs.visitor.pending, logs.desk.pending]).toEqual([[], []]);
    }),
    { numRuns: 1000 },
  );
});

test('a batch that begins behind what is known is passed over', () => {
  const message: ChatMessage = { seq: 3, id: 'c', from: 'desk', name: '', text: '', at: 0 };
  expect(received(emptyLog, { after: 2, messages: [message] })).toBe(emptyLog);
  expect(received(emptyLog, { after: 0, messages: [message] }).messages).toEqual([message]);
});
