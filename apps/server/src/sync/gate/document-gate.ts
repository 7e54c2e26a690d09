/**
 * Judges changes to a shared document before anybody else sees them, by a shadow: a copy that gets each change first.
 * What a change touches is read in the copy and nothing else, so that judging costs by what is changed rather than by how
 * much is there. Only after a refusal the copy is made anew, as Yjs takes nothing back.
 */
import type { Deck } from '@gobrel/core/deck';
import type { WorkMode } from '@gobrel/core/lesson';
import * as Y from 'yjs';
import { type Touched, touchedIn } from './touched.js';

/** What a student's work has to fit just now; of other documents nothing need be known. */
export interface WorkFacts {
  readonly edition: Deck;
  readonly mode: WorkMode;
}

/** What a document of some kind has to fit. */
export interface GateRules {
  /** The names of its root types. */
  readonly roots: readonly string[];
  /** The most bytes of its Yjs state. */
  readonly largest: number;
  /**
   * Why what was touched does not fit, in words for a log. Takes note of it as well, as `follow` does.
   * @param before the document without the change
   */
  misfits(touched: Touched, after: Y.Doc, before: Y.Doc, facts: WorkFacts | null): readonly string[];
  /** Takes note of a change that is not judged, if anything is counted on. */
  follow?(touched: Touched, after: Y.Doc): void;
  /** Forgets what was counted, and counts a whole document. */
  begin?(whole: Y.Doc): void;
}

/** What becomes of a change. */
export interface Verdict {
  /** Why it is refused, in words for a log; empty when it fits. */
  readonly refusals: readonly string[];
  readonly touched: Touched;
}

const NOTHING: Touched = new Map();

/** The gate of one open document. */
export class DocumentGate {
  /** Made with the first change: a document that is only read needs none. */
  private shadow: Y.Doc | null = null;
  /** Bytes of the state, at most. */
  private size = 0;

  /** @param live the document that everybody sees; what has passed is to be applied to it by whoever asks */
  constructor(
    private readonly rules: GateRules,
    private readonly live: Y.Doc,
  ) {}

  /**
   * Judges a change. One that passes is to be applied to the document before the next one is judged.
   * @param facts what a student's work has to fit; `null` for other documents
   */
  judge(update: Uint8Array, facts: WorkFacts | null): Verdict {
    const shadow = (this.shadow ??= this.copyLive());
    const sizeBefore = this.size;
    const touched = this.apply(shadow, update);
    const refusals =
      typeof touched === 'string'
        ? [touched]
        : [
            ...this.strangeRoots(shadow),
            ...this.rules.misfits(touched, shadow, this.live, facts),
            ...this.overweight(shadow, sizeBefore),
          ];
    if (typeof touched === 'string' || refusals.length > 0) {
      shadow.destroy();
      this.shadow = null;
      return { refusals, touched: NOTHING };
    }
    return { refusals, touched };
  }

  /** Follows a change that need not be judged: one that the server made. */
  follow(update: Uint8Array): void {
    const { shadow } = this;
    // What is not copied yet will be copied with it.
    if (!shadow) return;
    const touched = this.apply(shadow, update);
    if (typeof touched !== 'string') this.rules.follow?.(touched, shadow);
  }

  /** The document with the last change that passed. */
  get after(): Y.Doc {
    return this.shadow ?? this.live;
  }

  destroy(): void {
    this.shadow?.destroy();
  }

  /** What a change touches in the shadow, which has it from then on; in words why it cannot be applied. */
  private apply(shadow: Y.Doc, update: Uint8Array): Touched | string {
    let touched = NOTHING;
    // Only the change itself: what Yjs tidies up after it touches nothing else.
    const note = (transaction: Y.Transaction) => {
      if (touched === NOTHING) touched = touchedIn(transaction);
    };
    shadow.on('beforeObserverCalls', note);
    try {
      // Read through first: applying makes room at once for as much as an update says it holds, whether it does or not.
      Y.decodeUpdate(update);
      Y.applyUpdate(shadow, update);
    } catch {
      return 'it cannot be read';
    } finally {
      shadow.off('beforeObserverCalls', note);
    }
    this.size += update.length;
    // What was stored incomplete before is no reason to refuse anything.
    return isIncomplete(shadow) && !isIncomplete(this.live) ? 'it builds on what is not here' : touched;
  }

  private strangeRoots(shadow: Y.Doc): readonly string[] {
    return [...shadow.share.keys()]
      .filter((root) => !this.rules.roots.includes(root))
      .map((root) => `${root} is no part of it`);
  }

  /** A device that comes back repeats what is known, so that the state itself is measured once the sum is too large. */
  private overweight(shadow: Y.Doc, sizeBefore: number): readonly string[] {
    const { largest } = this.rules;
    if (this.size <= largest) return [];
    const before = Math.min(sizeBefore, Y.encodeStateAsUpdate(this.live).length);
    this.size = Y.encodeStateAsUpdate(shadow).length;
    return this.size > largest && this.size > before ? ['it is too large'] : [];
  }

  private copyLive(): Y.Doc {
    const state = Y.encodeStateAsUpdate(this.live);
    // Drawing a name for it would take longer than copying a small document.
    const copy = new Y.Doc({ guid: 'shadow' });
    for (const root of this.rules.roots) copy.getMap(root);
    Y.applyUpdate(copy, state);
    this.size = state.length;
    this.rules.begin?.(copy);
    return copy;
  }
}

/** Whether a document holds changes that build on others that it does not have. */
function isIncomplete({ store }: Y.Doc): boolean {
  return store.pendingStructs !== null || store.pendingDs !== null;
}
