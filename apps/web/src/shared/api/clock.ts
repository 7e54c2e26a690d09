/** The server's clock, as far as this device knows it: times in a lesson are the server's, whatever a device says. */

/** Differences below this are the time an answer takes on its way, in milliseconds. */
const ON_ITS_WAY = 1500;

let ahead = 0;

/** Notes what an answer's header says about the time; one kept from before says nothing. */
export function noteServerTime(date: string | null): void {
  const told = date === null ? NaN : Date.parse(date);
  if (Number.isNaN(told)) return;
  // The header has whole seconds, cut off.
  const difference = told + 500 - Date.now();
  if (Math.abs(difference - ahead) > ON_ITS_WAY) ahead = difference;
}

/** Milliseconds since 1970 by the server's clock. */
export function serverNow(): number {
  return Date.now() + ahead;
}
