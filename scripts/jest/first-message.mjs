// jest-light-runner 0.7 tells all of its processes what they run for as soon as one of them asks. Whichever asks later has not
// listened then, is never told again, and waits for ever: so it is kept here until it is asked for.
const asks = 'jest-light-runner-get-worker-data';
const { send } = process;
let told;

const keep = (message) => {
  if (message?.type === 'jest-light-runner-worker-data') told = message;
};
// Together with the pool, in the same turn: the first listener lets messages in, and those to whoever listens later are lost.
const follow = (event) => {
  if (event !== 'message') return;
  process.off('newListener', follow);
  process.on('message', keep);
};
process.on('newListener', follow);

process.send = (message, ...more) => {
  if (message !== asks || told === undefined) return send.call(process, message, ...more);
  process.nextTick(() => process.emit('message', told));
  return true;
};
