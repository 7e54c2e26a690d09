/** A shared deck as anybody sees it who has its address, on a page of its own. */
import { LookAtShow } from './look-at-show';

export function Screen() {
  return <LookAtShow isEmbedded={false} />;
}
