import { InTurn } from './in-turn.ts';

function held() {
  const calls: (() => void)[] = [];
  const turns = new InTurn((call) => calls.push(call));
  const done: string[] = [];
  return {
    done,
    add: (name: string) => turns.add(() => done.push(name)),
    /** Runs the tasks that are asked for by now; says how many. */
    run: () => calls.splice(0).map((call) => call()).length,
  };
}

test('each piece is done in a task of its own, in order', () => {
  const { add, run, done } = held();
  add('one');
  add('two');
  expect(done).toEqual([]);
  expect(run()).toBe(1);
  expect(done).toEqual(['one']);
  run();
  expect(done).toEqual(['one', 'two']);
  expect(run()).toBe(0);
});

test('a piece that is taken back is not done, and the next one is', () => {
  const { add, run, done } = held();
  const back = add('one');
  add('two');
  back();
  run();
  expect(done).toEqual(['two']);
});

test('all taken back, a later piece is done all the same', () => {
  const { add, run, done } = held();
  add('one')();
  add('two');
  while (run() > 0);
  expect(done).toEqual(['two']);
});

test('a piece that fails does not keep the others from their turn', () => {
  const calls: (() => void)[] = [];
  const turns = new InTurn((call) => calls.push(call));
  let done = 0;
  turns.add(() => {
    throw new Error('no canvas');
  });
  turns.add(() => done++);
  expect(() => calls.shift()?.()).toThrow('no canvas');
  calls.shift()?.();
  expect(done).toBe(1);
});
