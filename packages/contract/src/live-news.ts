/** Short messages from the server beside a shared document, as JSON text: something to look at again. */
export type LiveNews = { readonly news: 'participants' } | { readonly news: 'writing'; readonly allowed: boolean };

/** The message as it is sent. */
export function formatNews(news: LiveNews): string {
  return JSON.stringify(news);
}

/** A message as it came, or `null` when it is none of ours. */
export function parseNews(text: string): LiveNews | null {
  try {
    const value: unknown = JSON.parse(text);
    const told = typeof value === 'object' && value !== null && 'news' in value ? value : { news: null };
    if (told.news === 'participants') return { news: 'participants' };
    if (told.news === 'writing') return { news: 'writing', allowed: 'allowed' in told && told.allowed === true };
    return null;
  } catch {
    return null;
  }
}
