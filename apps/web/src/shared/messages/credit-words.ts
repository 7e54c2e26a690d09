/** What credit lines say between their parts. */
import type { CreditWords } from '@gobrel/core/deck';
import { credits } from '@gobrel/messages';

export const creditWords: CreditWords = {
  titleBy: (title, author) => credits.titleBy({ title, author }),
  titled: (title) => credits.titled({ title }),
  by: (author) => credits.by({ author }),
  licence: { own: credits.own, allowed: credits.allowed },
};
