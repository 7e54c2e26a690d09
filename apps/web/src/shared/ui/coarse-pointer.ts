/** Whether things are mostly pressed with a finger on this device, and need room for it. */
export function isCoarsePointer(): boolean {
  return matchMedia('(pointer: coarse)').matches;
}
