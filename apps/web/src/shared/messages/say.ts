/** Codes with values beside them, put into words by the message of that code. */

/** Something that is told by a code; what its message is filled with stands beside it. */
interface Coded {
  readonly code: string;
}

/** A message for each code of `T`: a text, or a function of what stands beside the code. */
type MessagesFor<T extends Coded> = {
  readonly [C in T['code']]: string | ((values: Extract<T, { readonly code: C }>) => string);
};

/** The words for something that is told by a code. */
export function say<T extends Coded>(messages: MessagesFor<T>, told: T): string {
  const message: string | ((values: never) => string) = messages[told.code as T['code']];
  // Which values belong to which code is checked by the type of the messages.
  // A code goes with the message of its own name, which the types of a union cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return typeof message === 'string' ? message : message(told as never);
}
