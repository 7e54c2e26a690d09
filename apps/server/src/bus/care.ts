/** What those who care for the data ask of every process, whatever carries the bus. */
import { PostgresCarrier } from './postgres-carrier.js';

/**
 * Listens for whoever is about to put other data in the place of what is there.
 * @param databaseUrl postgres://…
 * @param end ends this process in order; what starts it again waits until they are done
 */
export function listenForCare(databaseUrl: string, end: () => void): void {
  const carrier = new PostgresCarrier(databaseUrl, 'gobrel_care');
  const heard = (text: string) => {
    if (text === 'end') end();
  };
  // Whoever is not heard because the database went away meanwhile has nothing in it either.
  void carrier.start({ heard, gap: () => undefined });
}
