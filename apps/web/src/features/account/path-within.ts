/** Where somebody wanted to go, if that is within the application; else its first page. */
export function pathWithin(wanted: string | null): string {
  return wanted?.startsWith('/') && !wanted.startsWith('//') && !wanted.startsWith('/\\') ? wanted : '/';
}
