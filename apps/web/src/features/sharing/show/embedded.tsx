/** A published show within a page of somebody else: nothing in it leads to where somebody is signed in. */
import { LookAtShow } from './look-at-show';

export function Screen() {
  return <LookAtShow isEmbedded />;
}
