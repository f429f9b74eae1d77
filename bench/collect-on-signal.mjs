// Loaded into a process that is measured: what is garbage is no memory that it needs.
process.on('SIGWINCH', () => globalThis.gc());
