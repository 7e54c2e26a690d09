/** The gate that every change to a shared document passes before anybody else sees it. */
import type { DocumentName } from '@gobrel/core/shared-doc';
import { DeckRules } from './deck-rules.js';
import type { GateRules } from './document-gate.js';
import { LessonRules } from './lesson-rules.js';
import { WorkRules } from './work-rules.js';

export { ownAwareness } from './awareness.js';
export { readClientMessage } from './client-message.js';
export { DocumentGate, type WorkFacts } from './document-gate.js';
export { putBack } from './work-rules.js';

const rulesByKind = {
  deck: DeckRules,
  lesson: LessonRules,
  work: WorkRules,
} as const satisfies Record<DocumentName['kind'], new () => GateRules>;

/** The rules for a document of some kind. */
export function rulesFor(kind: DocumentName['kind']): GateRules {
  return new rulesByKind[kind]();
}
