/** Whether a file says that it is a document whose pages can be placed. */
export function saysDocument({ type, name }: Pick<File, 'type' | 'name'>): boolean {
  return type === 'application/pdf' || (type === '' && /\.pdf$/i.test(name));
}
