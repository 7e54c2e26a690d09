/** The deck check: what would spoil a lesson, what is worth a look, and what keeps somebody out. */
export { checkDeck, isAside, mendFinding, mendFindings, setAside } from './check-deck.js';
export { type Finding, findingId, type Level, levels, type RuleName, type RuleValues } from './finding.js';
export { type PlacedWords, placedWordsOf } from './measuring/placed-words.js';
export { leastLetters, readFrom } from './measuring/seen-from.js';
export type { Samples } from './measuring/samples.js';
export type { Given } from './rule.js';
export { rules } from './rule-table.js';
export { timeToWork } from './measuring/time-to-work.js';
