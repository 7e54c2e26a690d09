/** Messages whose values a test does not know, or does not care for: how they begin, and how they sound with any value. */

type Message = (values: never) => string;
/** Values by name, as the catalogue names them. */
type Values = Readonly<Record<string, string | number>>;

/** Stands where any value may stand. */
const ANY = '\uE000';

/** Finds what begins as a message does, up to its first value. */
export function startOf(message: Message): RegExp {
  const [start = ''] = said(message, {}).split(ANY);
  return new RegExp(`^${escaped(start)}`);
}

/**
 * Finds a message with whatever values, but for the known ones.
 * @param known moments are given as any number: only that there is a time of day is looked at
 */
export function asSaid(message: Message, known: Values = {}): RegExp {
  const pattern = escaped(said(message, known)).replaceAll(ANY, '.*?').replaceAll('NaN', '[\\d,]+');
  return new RegExp(pattern.replaceAll(/\d\d:\d\d/g, '\\d\\d:\\d\\d'));
}

function said(message: Message, known: Values): string {
  const values: object = new Proxy(known, { get: (given, name) => given[String(name)] ?? ANY });
  return message(values as never);
}

function escaped(text: string): string {
  return text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
}
