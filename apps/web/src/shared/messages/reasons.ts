/** Why answers are marked as they are, and how they are marked, in words. */
import type { Reason, Rule } from '@gobrel/core/questions';
import { reasons, rules } from '@gobrel/messages';
import { say } from './say';

/** Why a mark is as it is, in a sentence; '' where a teacher gave no reason. */
export function reasonInWords(reason: Reason): string {
  return say<Reason>(reasons, reason);
}

/** How a question is marked, in a sentence. */
export function ruleInWords(rule: Rule): string {
  return say<Rule>(rules, rule);
}
