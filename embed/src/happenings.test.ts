import type { Counted } from './events.js';
import { happenings } from './happenings.js';

const widget = { id: 'w1', slug: 'letter' };

function told() {
  const counts: Counted[] = [];
  const heard: unknown[] = [];
  const failures: unknown[] = [];
  const here = happenings(
    (event) => counts.push(event),
    (listener) => {
      try {
        listener();
      } catch (error) {
        failures.push(error);
      }
    },
  );
  return { ...here, counts, heard, failures };
}

test.each([
  ['open', 'shown'],
  ['close', 'closed'],
  ['submit', 'submitted'],
] as const)('%s is told, and counted as %s', (happening, type) => {
  const { on, tell, counts, heard } = told();
  on(happening, (...all) => heard.push(all));
  tell(happening, widget);
  expect(heard).toEqual([['letter', undefined]]);
  expect(counts).toEqual([{ type, widget: 'w1' }]);
});

test.each(['basket', 'retry'] as const)('%s is told and counted as nothing', (happening) => {
  const { on, tell, counts, heard } = told();
  on(happening, (...all) => heard.push(all));
  tell(happening, widget, { id: 'lamp', quantity: 2 });
  expect(heard).toEqual([['letter', { id: 'lamp', quantity: 2 }]]);
  expect(counts).toEqual([]);
});

test('a listener hears what it listens to until it is taken away, whatever goes wrong in another', () => {
  const { on, tell, heard, failures } = told();
  on('open', () => {
    throw new Error('of the page');
  });
  const stop = on('open', () => heard.push('open'));
  tell('close', widget);
  tell('open', widget);
  stop();
  tell('open', widget);
  expect(heard).toEqual(['open']);
  expect(failures).toHaveLength(2);
});
