/** A deck from a text, whichever of the kinds that are read here it is: a graph, a story plan, Markdown or an outline. */
import { applyChanges, type Deck, newId } from '../../deck/index.js';
import { followPlan, type Plan, readPlan } from '../../story-plan/index.js';
import { isDot, readDot } from '../dot/index.js';
import { type ReadDeck, readMarkdown } from '../markdown/index.js';
import { readMermaid } from '../mermaid/index.js';
import { planOf } from '../route-sketch.js';

const MERMAID = /^\s*(?:%%.*\n|---\n[\s\S]*?\n---\n|\s)*(?:flowchart|graph|stateDiagram(?:-v2)?)\b/;
/** What looks like a choice that says where it leads. */
const CHOICE = /^\s*[-–—*•+]\s+.*(?:->|→|=>|⇒)\s*\S/m;

/** A deck from a text, with the look and language of an empty one. */
export function readDeckText(text: string, empty: Deck, createId: () => string = newId): ReadDeck {
  if (isDot(text) || MERMAID.test(text)) {
    const { sketch, unread } = isDot(text) ? readDot(text) : readMermaid(text);
    return { deck: applyChanges(empty, followPlan(empty, planOf(sketch), createId).changes), unread };
  }
  const plan = CHOICE.test(text) ? readPlan(text) : null;
  if (plan && leadsSomewhere(plan))
    return { deck: applyChanges(empty, followPlan(empty, plan, createId).changes), unread: [] };
  return readMarkdown(text, empty, createId);
}

/** Whether a choice leads to a passage that is there, or a step on: only then it is a plan, and no list with arrows in it. */
function leadsSomewhere({ passages, problems }: Plan): boolean {
  const leading = passages.flatMap(({ choices }) => choices.filter(({ target }) => target && target.to !== 'as-it-is'));
  return leading.length > problems.filter(({ kind }) => kind === 'no-passage').length;
}
