import { openPolicy } from '@sirene/core/behaviour';
import { countTraffic, usualTraffic, type TrafficInput } from '@sirene/core/rehearse/traffic';
import { startPlayers, type PlayingWorker } from './players.ts';
import type { TrafficAsked, TrafficTold } from './traffic-worker.ts';

const inputOf = (visitors: number): TrafficInput => ({
  model: { ...usualTraffic, visitors },
  pages: [{ address: 'https://x.example/', types: [], markers: [] }],
  widgets: [],
  policy: openPolicy,
  start: Date.UTC(2026, 10, 2),
  zone: [[0, 0]],
});

/** Workers that say what they have counted when they are told to. */
function setUp(many: number, each = 0) {
  const asked: TrafficAsked[][] = [];
  const workers: PlayingWorker[] = [];
  const heard: [visitors: number, of: number, done: boolean][] = [];
  const ended: number[] = [];
  const players = startPlayers<TrafficInput>(
    () => {
      const at = workers.length;
      const list: TrafficAsked[] = [];
      const worker: PlayingWorker = {
        onmessage: null,
        postMessage: (data: TrafficAsked) => list.push(data),
        terminate: () => ended.push(at),
      };
      asked.push(list);
      workers.push(worker);
      return worker;
    },
    many,
    each,
    (input, { visitors }, done) => heard.push([input.model.visitors, visitors, done]),
  );
  const tell = (at: number, play = asked[at]?.at(-1)) => {
    if (!play?.input) throw new Error('Nothing was asked');
    const count = [...countTraffic(play.input, play.part)].at(-1);
    if (!count) throw new Error('Nothing was counted');
    const data: TrafficTold = { play: play.play, count };
    workers[at]?.onmessage?.call(workers[at] as Worker, new MessageEvent('message', { data }));
  };
  return { players, asked, heard, ended, tell };
}

test('each thread plays a part, and all together come to the whole', () => {
  const { players, asked, heard, tell } = setUp(3);
  players.play(inputOf(7));
  expect(asked.map((list) => list[0]?.part)).toEqual([0, 1, 2].map((at) => ({ of: 3, at })));
  tell(2);
  tell(0);
  tell(1);
  expect(heard).toEqual([
    [7, 2, false],
    [7, 5, false],
    [7, 7, true],
  ]);
});

test('what is soon done is told once, as a whole', () => {
  const { players, heard, tell } = setUp(2, 60_000);
  players.play(inputOf(6));
  tell(0);
  tell(1);
  expect(heard).toEqual([[6, 6, true]]);
});

test('what is told of an earlier play is not heard, nor after a stop', () => {
  const { players, asked, heard, tell } = setUp(1);
  players.play(inputOf(4));
  const [first] = asked[0] ?? [];
  players.play(inputOf(5));
  tell(0, first);
  expect(heard).toEqual([]);
  tell(0);
  expect(heard).toEqual([[5, 5, true]]);
  const second = asked[0]?.at(-1);
  players.stop();
  expect(asked[0]?.at(-1)?.input).toBeNull();
  tell(0, second);
  expect(heard).toHaveLength(1);
});

test('the threads stay from play to play, and end once', () => {
  const { players, asked, ended } = setUp(2);
  for (const visitors of [1, 2, 3]) players.play(inputOf(visitors));
  players.stop();
  expect(asked).toHaveLength(2);
  expect(ended).toEqual([]);
  players.end();
  expect(ended).toEqual([0, 1]);
});
