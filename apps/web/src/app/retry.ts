/** For what a network that drops makes fail: tried again, each time a little later. */

/** Waits between the tries, in ms. */
const WAITS = [300, 900, 2000, 4000];

/**
 * What `act` gives, tried up to five times.
 *
 * @param act May fail now and work a moment later, such as loading a part of the application.
 * @param wait Waits some ms; a test gives its own.
 * @throws what the last try threw.
 */
export async function withRetries<T>(
  act: () => Promise<T>,
  wait: (ms: number) => Promise<unknown> = pause,
): Promise<T> {
  for (const ms of WAITS) {
    try {
      return await act();
    } catch {
      await wait(ms);
    }
  }
  return act();
}

function pause(ms: number): Promise<unknown> {
  return new Promise((resolve) => setTimeout(resolve, ms));
}
