/** What was sent to a stand-in, which may be anything. */

type Sent = Readonly<Record<string, unknown>>;

/** The fields of a body; none where it has none. */
export function fieldsOf(body: unknown): Sent {
  return typeof body === 'object' && body !== null ? { ...body } : {};
}

/** A field that is text; '' where it is none. */
export function textIn(fields: Sent, name: string): string {
  const value = fields[name];
  return typeof value === 'string' ? value : '';
}

/** A field that is a number; 0 where it is none. */
export function numberIn(fields: Sent, name: string): number {
  const value = fields[name];
  return typeof value === 'number' ? value : 0;
}
