import { setPriority } from 'node:os';
import { Refusal } from './refusal.js';
import { tasks, type Outcome, type TaskName } from './tasks.js';

// Of this thread alone (Linux): where cores are few, visitors' requests come first.
try {
  setPriority(10);
} catch {
  // A system that does not let threads be made nicer runs them as they are.
}

export default function run({ name, input }: { name: TaskName; input: unknown }): Outcome<unknown> {
  try {
    return { value: (tasks[name] as (input: unknown) => unknown)(input) };
  } catch (error) {
    if (error instanceof Refusal) return { refused: error.message };
    throw error;
  }
}
