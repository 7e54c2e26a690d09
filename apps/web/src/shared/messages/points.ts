/** Sums of points, in words. */
import type { MarkSum } from '@gobrel/core/questions';
import { reviewing } from '@gobrel/messages';
import { listed } from './phrases';

/** The points of several answers, and how many are not marked yet. */
export function pointsInWords({ points, outOf, unmarked }: MarkSum): string {
  return listed([
    outOf > 0 || unmarked === 0 ? reviewing.sumPoints({ points, outOf }) : '',
    unmarked > 0 ? reviewing.sumUnmarked({ count: unmarked }) : '',
  ]);
}
