/** How changes come into one open document: in their order, judged, applied for everybody, and put on their way to disk. */
import type { ItemId } from '@gobrel/core/deck';
import { type DocumentName, writeWorkChanges } from '@gobrel/core/shared-doc';
import * as Y from 'yjs';
import { DocumentGate, putBack, rulesFor, type WorkFacts } from './gate/index.js';
import { OTHER_PROCESS } from './fan-out.js';
import { Line } from '../line.js';

/** What a change of a student's work has to fit, and what of it stays as it is. */
export interface IntakeFacts extends WorkFacts {
  /** Questions whose answer was checked for the last time. */
  readonly usedUp: readonly ItemId[];
}

/** The intake of one open document. */
export class Intake {
  /** In which those who want to change the document wait for one another. */
  readonly line = new Line();
  /** When what is stored was folded together, or was loaded; in milliseconds since 1970. */
  foldedAt = Date.now();
  private readonly gate: DocumentGate;
  private isJudged = false;

  /**
   * @param document with everything that is stored of it
   * @param append puts what is new in the document on its way to disk
   */
  constructor(
    name: DocumentName,
    private readonly document: Y.Doc,
    append: (update: Uint8Array) => void,
  ) {
    this.gate = new DocumentGate(rulesFor(name.kind), document);
    document.on('update', (update: Uint8Array, origin: unknown) => {
      // What was judged is in the gate's copy already.
      if (!this.isJudged) this.gate.follow(update);
      if (origin !== OTHER_PROCESS) append(update);
    });
  }

  /**
   * Takes a change that somebody sent. What changes an answer that stays is put back at once.
   * @param facts for a student's work
   * @param origin the connection it came over
   * @returns why it is refused, in words for a log; empty when it was taken
   */
  take(update: Uint8Array, facts: IntakeFacts | null, origin: unknown): readonly string[] {
    const { refusals, touched } = this.gate.judge(update, facts);
    if (refusals.length > 0) return refusals;
    const restored = facts ? putBack(facts.usedUp, touched, this.gate.after, this.document, facts.edition) : [];
    this.isJudged = true;
    try {
      Y.applyUpdate(this.document, update, origin);
    } finally {
      this.isJudged = false;
    }
    if (restored.length > 0) writeWorkChanges(this.document, restored);
    return [];
  }

  close(): void {
    this.gate.destroy();
  }
}
