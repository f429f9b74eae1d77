import { sampleAnswer } from './sample.js';

test.each([
  [{ key: 'email', gives: 'text' }, 'mira@stone.example'],
  [{ key: 'first_name', gives: 'text' }, 'Mira'],
  [{ key: 'name-family', gives: 'text' }, 'Stone'],
  [{ key: 'name-prefix', gives: 'text' }, 'Dr'],
  [{ key: 'name-suffix', gives: 'text' }, 'MSc'],
  [{ key: 'name-additional', gives: 'text' }, 'Jane'],
  [{ key: 'children', gives: 'number' }, '3'],
  [{ key: 'topic', gives: 'option', options: ['Visit', 'Shop'] }, 'Visit'],
  [{ key: 'topics', gives: 'list', options: ['A', 'B', 'C'] }, 'A\nB'],
  [{ key: 'terms', gives: 'truth' }, 'Yes'],
  [{ key: 'message', gives: 'text' }, 'A sample answer'],
] as const)('%j might be answered with %j', (asked, answer) => expect(sampleAnswer(asked)).toBe(answer));
