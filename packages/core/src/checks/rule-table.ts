/** The table of rules. A new rule is a file in `rules`, its values in `finding.ts`, and a line here. */
import type { RuleName } from './finding.js';
import type { DeckRule, SlideRule } from './rule.js';
import { blurred } from './rules/blurred.js';
import { changedAgainstLicence } from './rules/changed-against-licence.js';
import { colourAlone } from './rules/colour-alone.js';
import { contrast } from './rules/contrast.js';
import { covered } from './rules/covered.js';
import { formulaNotDrawn } from './rules/formula-not-drawn.js';
import { heavy } from './rules/heavy.js';
import { hotspotsOverlap } from './rules/hotspots-overlap.js';
import { keyUnreachable } from './rules/key-unreachable.js';
import { noCaptions } from './rules/no-captions.js';
import { noCredit } from './rules/no-credit.js';
import { noDescription } from './rules/no-description.js';
import { noKey } from './rules/no-key.js';
import { oneTarget } from './rules/one-target.js';
import { outsideSections } from './rules/outside-sections.js';
import { outsideSlide } from './rules/outside-slide.js';
import { overflow } from './rules/overflow.js';
import { pieceWithoutZone } from './rules/piece-without-zone.js';
import { readingLevel } from './rules/reading-level.js';
import { readingOrder } from './rules/reading-order.js';
import { brokenLink, deadEnd, endlessLoop, neverOpens, unreachable } from './rules/routes.js';
import { smallText } from './rules/small-text.js';
import { tooLong } from './rules/too-long.js';
import { tooQuick } from './rules/too-quick.js';
import { unfinished } from './rules/unfinished.js';
import { unnamedBlank } from './rules/unnamed-blank.js';
import { zoneTooSmall } from './rules/zone-too-small.js';

/** Every rule by its name. */
export const rules: { readonly [R in RuleName]: SlideRule<R> | DeckRule<R> } = {
  'broken-link': brokenLink,
  unreachable,
  'dead-end': deadEnd,
  'never-opens': neverOpens,
  unfinished,
  overflow,
  covered,
  'hotspots-overlap': hotspotsOverlap,
  'key-unreachable': keyUnreachable,
  'changed-against-licence': changedAgainstLicence,
  'outside-slide': outsideSlide,
  'small-text': smallText,
  'formula-not-drawn': formulaNotDrawn,
  blurred,
  heavy,
  'no-credit': noCredit,
  'one-target': oneTarget,
  'endless-loop': endlessLoop,
  'no-key': noKey,
  'piece-without-zone': pieceWithoutZone,
  'zone-too-small': zoneTooSmall,
  'reading-level': readingLevel,
  'too-quick': tooQuick,
  'too-long': tooLong,
  contrast,
  'no-description': noDescription,
  'no-captions': noCaptions,
  'reading-order': readingOrder,
  'colour-alone': colourAlone,
  'unnamed-blank': unnamedBlank,
  'outside-sections': outsideSections,
};
