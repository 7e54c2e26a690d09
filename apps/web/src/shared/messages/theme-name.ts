/** What themes are called. */
import { themes } from '@gobrel/messages';

/** The name of a theme: of one that comes along in the reader's language, of one's own as it was given. */
export function themeName({ name }: { readonly name: string }): string {
  const known: Readonly<Record<string, string>> = themes;
  return Object.hasOwn(known, name) ? (known[name] ?? name) : name;
}
