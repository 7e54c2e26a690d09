/** Whether an event comes from within something that a selector names, itself included. */
export function isWithin(target: EventTarget | null, selector: string): boolean {
  return target instanceof Element && target.closest(selector) !== null;
}
