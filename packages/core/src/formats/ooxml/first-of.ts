/** The first of some things that something can be read of; `null` where there is none. */
export function firstOf<From, To>(all: readonly From[], read: (each: From) => To | null): To | null {
  for (const each of all) {
    const found = read(each);
    if (found !== null) return found;
  }
  return null;
}
