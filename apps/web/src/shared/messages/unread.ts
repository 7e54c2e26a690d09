/** What of a graph or a text could not be read, in words. */
import type { Unread } from '@gobrel/core/formats';
import { routes } from '@gobrel/messages';

/** What could not be read of a line, and what stands in it. */
export function unreadInWords({ kind, said, line }: Unread): string {
  const { unread, unreadText, unreadInLine } = routes;
  const what = said ? unreadText({ what: unread[kind], text: said }) : unread[kind];
  return line > 0 ? unreadInLine({ line, what }) : what;
}
