/** What a lesson's state has to fit: a map of plain fields. */
import type * as Y from 'yjs';
import type { GateRules } from './document-gate.js';
import { isPlain, shapeMisfits } from './shape.js';
import type { Touched } from './touched.js';

/** The largest state, in bytes of its Yjs state: five times what a thousand participants who ask and queue come to. */
const LARGEST_LESSON = 4 * 1024 * 1024;

/** The rules for the state of one lesson. */
export class LessonRules implements GateRules {
  readonly roots = ['lesson'];
  readonly largest = LARGEST_LESSON;

  misfits(touched: Touched, after: Y.Doc): readonly string[] {
    const shape = shapeMisfits(touched, after);
    if (shape.length > 0) return shape;
    const fields = after.getMap('lesson');
    return [...(touched.get('lesson') ?? [])].flatMap((name) =>
      name === null || !fields.has(name) || isPlain(fields.get(name)) ? [] : [`${name} is no field of a lesson`],
    );
  }
}
