/** What the deck check found, in words. */
import type { Finding, RuleName, RuleValues } from '@gobrel/core/checks';
import { type Deck, namesIn } from '@gobrel/core/deck';
import { checks } from '@gobrel/messages';
import { itemCalled } from './in-sentences';
import { slideName } from './slide-name';

const says = checks.whys;

const whys: { readonly [R in RuleName]: (values: RuleValues[R], deck: Deck) => string } = {
  'small-text': says['small-text'],
  overflow: () => says.overflow,
  contrast: says.contrast,
  'reading-level': says['reading-level'],
  'reading-order': () => says['reading-order'],
  blurred: says.blurred,
  'no-description': () => says['no-description'],
  'no-captions': () => says['no-captions'],
  'formula-not-drawn': says['formula-not-drawn'],
  'no-credit': () => says['no-credit'],
  'changed-against-licence': () => says['changed-against-licence'],
  heavy: says.heavy,
  'colour-alone': says['colour-alone'],
  'broken-link': () => says['broken-link'],
  unreachable: () => says.unreachable,
  'dead-end': () => says['dead-end'],
  'endless-loop': () => says['endless-loop'],
  'never-opens': () => says['never-opens'],
  'one-target': ({ count, to }, deck) => says['one-target']({ count, name: slideName(deck, to) }),
  'outside-sections': () => says['outside-sections'],
  'outside-slide': ({ wholly }) => says['outside-slide']({ wholly: wholly ? 'yes' : 'no' }),
  'hotspots-overlap': () => says['hotspots-overlap'],
  covered: ({ by }, deck) => says.covered({ name: itemCalled(deck, by) }),
  'no-key': () => says['no-key'],
  'key-unreachable': () => says['key-unreachable'],
  'piece-without-zone': () => says['piece-without-zone'],
  'zone-too-small': says['zone-too-small'],
  unfinished: () => says.unfinished,
  'unnamed-blank': () => says['unnamed-blank'],
  'too-quick': says['too-quick'],
  'too-long': says['too-long'],
};

/** Why a finding matters, in a sentence or two. */
export function whyInWords(finding: Finding, deck: Deck): string {
  // A rule goes with its own values, which the types of a table cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return whys[finding.rule](finding.values as never, deck);
}

const mended = namesIn(checks.mends);

/** What mending it would do; `null` for what only its author can mend. */
export function mendInWords(rule: RuleName): string | null {
  const name = mended.find((each) => each === rule);
  return name === undefined ? null : checks.mends[name];
}
