// Keeps the server running: when it ends by itself it is started again, and that is said.

/** Pause before it is started again, in ms: at first, and at most, as it doubles while the server does not stay. */
const FIRST_PAUSE = 500;
const LONGEST_PAUSE = 30_000;
/** Once it has run so long, the next end is a first one again; in ms. */
const STAYED = 60_000;

/**
 * Starts a server, and again whenever it ends without having been asked to.
 * @param start gives the process, which sends 'listening' once it serves
 * @param say says something to whoever looks at the terminal
 * @returns `stop`; `restart`, which resolves once it serves again; and `ended`, which resolves to the code with which it ended: after `stop`, or when it never served
 */
export function keepRunning(start, say) {
  let server;
  let isStopping = false;
  let isRestarting = false;
  /** Told when it serves again. */
  let onServing = () => {};
  let pause = FIRST_PAUSE;
  const run = async () => {
    for (let hasServed = false; ;) {
      server = start();
      const began = Date.now();
      server.on('message', (message) => {
        if (message !== 'listening') return;
        hasServed = true;
        onServing();
      });
      const [code, signal] = await new Promise((resolve) => server.once('exit', (...how) => resolve(how)));
      if (isStopping) return code ?? 0;
      if (!hasServed) return code ?? 1;
      if (isRestarting) {
        isRestarting = false;
        continue;
      }
      if (Date.now() - began > STAYED) pause = FIRST_PAUSE;
      say(`the server ended by itself (${signal ?? `code ${code}`}); starting it again …`);
      await new Promise((resolve) => setTimeout(resolve, pause));
      pause = Math.min(LONGEST_PAUSE, pause * 2);
      if (isStopping) return 0;
    }
  };
  const ended = run();
  const stop = () => {
    isStopping = true;
    server.kill('SIGTERM');
  };
  const restart = () =>
    new Promise((resolve) => {
      onServing = resolve;
      isRestarting = true;
      server.kill('SIGTERM');
    });
  return { stop, restart, ended };
}
