import { setPriority } from 'node:os';
import type { MessagePort } from 'node:worker_threads';
import { Refusal } from './refusal.js';
import { tasks, type Outcome, type TaskName } from './tasks.js';

// Of this thread alone (Linux): where cores are few, visitors' requests come first.
try {
  setPriority(10);
} catch {
  // A system that does not let threads be made nicer runs them as they are.
}

interface Task {
  name: TaskName;
  input: unknown;
  begun: MessagePort;
}

export default function run({ name, input, begun }: Task): Outcome<unknown> {
  begun.postMessage(true);
  try {
    return { value: (tasks[name] as (input: unknown) => unknown)(input) };
  } catch (error) {
    if (error instanceof Refusal) return { refused: error.message };
    throw error;
  }
}
