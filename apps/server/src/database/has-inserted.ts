/** Whether an insertion that leaves out what is there already has inserted something; it has to return a column. */
export function hasInserted({ raw }: { readonly raw: unknown }): boolean {
  return Array.isArray(raw) && raw.length > 0;
}
