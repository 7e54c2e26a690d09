/** Looks a deck through, and mends what can be mended. */
import {
  applyChanges,
  type Change,
  type CheckSettings,
  type Deck,
  namesIn,
  type SlideId,
  slidesInOrder,
} from '../deck/index.js';
import { type Finding, findingId, levels } from './finding.js';
import type { DeckRule, Given, SlideRule } from './rule.js';
import { rules } from './rule-table.js';
import { lookAtSlide } from './slide-look.js';
import type { RuleName } from './finding.js';

const names = namesIn(rules);

/** What was found on each slide's drawing, for as long as it and what else is known are the same. */
const found = new WeakMap<Deck, { readonly given: Given; readonly findings: readonly Finding[] }>();

/**
 * Everything that is found in a deck, what matters most first and then by slides in running order, without what was set
 * aside. Costs a look at the slides that changed, and one at how all hang together.
 */
export function checkDeck(deck: Deck, given: Given): readonly Finding[] {
  const order = new Map(slidesInOrder(deck).map(({ id }, at) => [id, at]));
  const all = [...[...order.keys()].flatMap((id) => checkSlide(deck, id, given)), ...checkRoutes(deck, given)];
  const place = ({ slideId }: Finding) => order.get(slideId) ?? Infinity;
  return all
    .filter((finding) => !isAside(given.settings, finding))
    .sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level) || place(a) - place(b));
}

/** What is found on one slide. */
function checkSlide(deck: Deck, slideId: SlideId, given: Given): readonly Finding[] {
  const look = lookAtSlide(deck, slideId);
  if (!look) return [];
  const before = found.get(look.deck);
  if (before && isSameGiven(before.given, given)) return before.findings;
  const findings = names.flatMap((name) => {
    const rule: unknown = rules[name];
    return isSlideRule(rule) ? rule.look(look, given).map((each) => told(rule, slideId, each)) : [];
  });
  found.set(look.deck, { given, findings });
  return findings;
}

function checkRoutes(deck: Deck, given: Given): readonly Finding[] {
  return names.flatMap((name) => {
    const rule: unknown = rules[name];
    return isDeckRule(rule) ? rule.lookAt(deck, given).map((each) => told(rule, each.slideId, each)) : [];
  });
}

/** A rule goes with what it found, which the types of a table cannot say. */
function told(
  { name, level }: SlideRule<RuleName> | DeckRule<RuleName>,
  slideId: SlideId,
  { items, values }: { readonly items: readonly string[]; readonly values: object },
): Finding {
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return { rule: name, level, slideId, items, values } as Finding;
}

function isSlideRule(rule: unknown): rule is SlideRule<RuleName> {
  return typeof rule === 'object' && rule !== null && 'look' in rule;
}

function isDeckRule(rule: unknown): rule is DeckRule<RuleName> {
  return typeof rule === 'object' && rule !== null && 'lookAt' in rule;
}

function isSameGiven(a: Given, b: Given): boolean {
  return a === b || (a.colours === b.colours && isSameRoom(a.settings, b.settings));
}

function isSameRoom(a: CheckSettings, b: CheckSettings): boolean {
  return a.screenWidth === b.screenWidth && a.distance === b.distance && a.schoolYears === b.schoolYears;
}

/** Whether somebody said that this is not to be told. */
export function isAside(
  { aside }: CheckSettings,
  { rule, slideId, items }: Pick<Finding, 'rule' | 'slideId' | 'items'>,
): boolean {
  return aside.some(
    (each) =>
      each.rule === rule &&
      (each.slideId === null || (each.slideId === slideId && (each.itemId === null || items.includes(each.itemId)))),
  );
}

/** The changes that mend something in one step; nothing when only its author can. */
export function mendFinding(deck: Deck, finding: Finding, given: Given): readonly Change[] {
  const rule = rules[finding.rule];
  // A rule mends what it found itself, which the types of a table cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return rule.mend?.(deck, finding as never, given) ?? [];
}

/** The changes that mend several things at once: each on the deck as the ones before leave it. */
export function mendFindings(deck: Deck, findings: readonly Finding[], given: Given): readonly Change[] {
  let mended = deck;
  const changes: Change[] = [];
  for (const finding of findings) {
    const next = mendFinding(mended, finding, given);
    changes.push(...next);
    mended = applyChanges(mended, next);
  }
  return changes;
}

/** Sets something aside: here, or in the whole deck. */
export function setAside(
  settings: CheckSettings,
  finding: Finding,
  { everywhere, reason }: { readonly everywhere: boolean; readonly reason: string },
): CheckSettings {
  const { rule, slideId, items } = finding;
  const place = everywhere ? { slideId: null, itemId: null } : { slideId, itemId: items[0] ?? null };
  return { ...settings, aside: [...settings.aside, { rule, ...place, reason }] };
}

export { findingId };
