/** Puts a text on the clipboard and says whether that was allowed. */
import { messages } from '../messages';
import { showToast } from './toast';

export async function copyText(text: string): Promise<void> {
  try {
    await navigator.clipboard.writeText(text);
    showToast(messages.sharing.copied);
  } catch {
    showToast(messages.sharing.notCopied, { tone: 'trouble' });
  }
}
