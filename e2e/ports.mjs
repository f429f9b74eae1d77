/** How many browser tests run at once: as many as CI has cores. */
export const workers = 2;

/** Each worker has a demo of its own, on ports of its own: what one does to its data, the other never sees. */
export const portsOf = (worker) => ({
  studio: 4400 + worker * 20,
  demo: 4410 + worker * 20,
  smtp: 4415 + worker * 20,
});

/** Answers once every demo does. */
export const readyPort = 4399;
