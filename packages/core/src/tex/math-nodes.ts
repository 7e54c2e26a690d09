/** What a formula says, as MathML, out of the tree that the library for TeX reads it into. */
import { type MmlNode, TextNode } from '@mathjax/src/js/core/MmlTree/MmlNode.js';
import { type MathNode, mathTags } from '../deck/index.js';

/** A tree of the library as MathML of ours: elements that only style what is in them are left out. */
export function mathOf(node: MmlNode): MathNode {
  return nodesOf(node)[0] ?? { is: 'math' };
}

function nodesOf(node: MmlNode): readonly MathNode[] {
  const inner = node.childNodes.flatMap((child) => (child.kind === 'text' ? [] : nodesOf(child)));
  if (node.kind === 'TeXAtom' || node.kind === 'mstyle' || node.kind === 'mpadded' || node.kind === 'menclose')
    return inner.length === 1 ? inner : [inner.length > 0 ? { is: 'mrow', holds: inner } : { is: 'mrow' }];
  // What only takes room says nothing.
  if (node.kind === 'mphantom') return [{ is: 'mrow' }];
  // Children that the tree only infers stand in their parent.
  if (node.kind === 'inferredMrow') return inner;
  const is = mathTags.find((tag) => tag === node.kind);
  if (!is) return inner;
  if (node.isToken) return [{ is, says: lettersOf(node) }];
  // A place that has to be there stays, though nothing is in it.
  return [inner.length > 0 ? { is, holds: inner } : { is }];
}

function lettersOf(node: MmlNode): string {
  return node.childNodes.map((child) => (child instanceof TextNode ? child.getText() : '')).join('');
}
