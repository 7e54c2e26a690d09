/** Short messages from the server beside a shared document, as JSON text: something to look at again. */
export type LiveNews = { readonly news: 'participants' } | { readonly news: 'writing'; readonly allowed: boolean };

/** The message as it is sent. */
export function formatNews(news: LiveNews): string {
  return JSON.stringify(news);
}

/** A message as it came, or `null` when it is none of ours. */
export function parseNews(text: string): LiveNews | null {
  try {
    const value = JSON.parse(text) as Partial<LiveNews> | null;
    if (value?.news === 'participants') return { news: 'participants' };
    if (value?.news === 'writing') return { news: 'writing', allowed: 'allowed' in value && value.allowed === true };
    return null;
  } catch {
    return null;
  }
}
