import { happenings } from './happenings.js';

const widget = { slug: 'letter' };

function told() {
  const heard: unknown[] = [];
  const failures: unknown[] = [];
  const here = happenings((listener) => {
    try {
      listener();
    } catch (error) {
      failures.push(error);
    }
  });
  return { ...here, heard, failures };
}

test.each(['open', 'close', 'submit', 'basket', 'retry'] as const)(
  '%s is told, with what belongs to it',
  (happening) => {
    const { on, tell, heard } = told();
    on(happening, (...all) => heard.push(all));
    tell(happening, widget, { id: 'lamp', quantity: 2 });
    expect(heard).toEqual([['letter', { id: 'lamp', quantity: 2 }]]);
  },
);

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
