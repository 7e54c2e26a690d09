/** What a page is called, in the browser's tab and by screen readers. */
import { useEffect } from 'react';

/** Names the page, by what is on it. @param title not known yet where it is `undefined` or empty */
export function usePageTitle(title: string | undefined): void {
  useEffect(() => {
    if (title) document.title = `${title} · Gobrel`;
  }, [title]);
}
