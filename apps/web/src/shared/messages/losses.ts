/** What was left behind on the way into a file or out of one, in words. */
import type { Loss } from '@gobrel/core/formats';
import { kinds, losses } from '@gobrel/messages';
import { listed } from './phrases';
import { say } from './say';

/** What is made of other messages, or of lists of them. */
type MadeOfOthers =
  | 'read-without'
  | 'no-place'
  | 'written-without'
  | 'no-package'
  | 'xml'
  | 'slide-without'
  | 'slide-read-without'
  | 'printed';

/** Why something was left behind, in a sentence. */
export function lossInWords(loss: Loss): string {
  switch (loss.code) {
    case 'read-without':
      return losses.readWithout({ parts: listed(loss.parts.map((part) => losses.lostParts[part])) });
    case 'written-without':
      return losses.writtenWithout({ parts: listed(loss.parts.map((part) => losses.unwrittenParts[part])) });
    case 'slide-without':
      return losses.slideWithout({ parts: listed(loss.parts.map((part) => losses.unheldParts[part])) });
    case 'slide-read-without':
      return losses.slideReadWithout({ parts: listed(loss.parts.map((part) => losses.unreadParts[part])) });
    case 'printed':
      return losses.printed({ kinds: listed(loss.kinds.map((kind) => kinds[kind])) });
    case 'no-package':
      return losses.noPackage({ why: lossInWords(loss.why) });
    case 'no-place':
      return losses.noPlace({ kind: kinds[loss.kind] });
    case 'xml':
      return losses.xml[loss.fault];
    default:
      return say<Exclude<Loss, { readonly code: MadeOfOthers }>>(losses, loss);
  }
}
