/**
 * Rich text as a Yjs XML fragment, both ways, in the shape that ProseMirror's Yjs binding uses: a node is an
 * XmlElement with its attributes, a stretch of text an XmlText whose formatting attributes are the marks.
 */
import * as Y from 'yjs';
import { type Block, readRichText, type RichText, type TextMark, type TextRun } from '../deck/index.js';

type Inline = NonNullable<Extract<Block, { type: 'paragraph' }>['content']>[number];

/** The text held by a fragment, in canonical form. */
export function readFragment(fragment: Y.XmlFragment): RichText {
  return readRichText({ type: 'doc', content: fragment.toArray().flatMap((node) => readNode(node)) });
}

/** How deep nodes are read: a list in a list of the deepest kind ends well before. */
const DEEPEST_NODE = 24;

function readNode(node: Y.XmlElement | Y.XmlText | Y.XmlHook, depth = 0): unknown[] {
  if (node instanceof Y.XmlText) {
    const delta: readonly { insert: unknown; attributes?: Record<string, unknown> }[] = node.toDelta();
    return delta.map((part) => ({
      type: 'text',
      text: part.insert,
      marks: Object.entries(part.attributes ?? {}).map(([type, attrs]) => ({ type: type.split('--')[0], attrs })),
    }));
  }
  if (!(node instanceof Y.XmlElement) || depth > DEEPEST_NODE) return [];
  const content = node.toArray().flatMap((child) => readNode(child, depth + 1));
  return [{ type: node.nodeName, attrs: node.getAttributes(), content }];
}

/**
 * Makes a fragment hold a text. Blocks that are the same at its start and end stay untouched, so that
 * somebody typing in them keeps their place. Call within a transaction.
 */
export function writeFragment(fragment: Y.XmlFragment, text: RichText): void {
  const present = fragment.doc ? fragment.toArray() : [];
  const before = present.map((node) => JSON.stringify(readRichText({ content: readNode(node) }).content));
  const after = text.content.map((block) => JSON.stringify([block]));
  let start = 0;
  while (start < before.length && start < after.length && before[start] === after[start]) start += 1;
  let end = 0;
  while (
    end < before.length - start &&
    end < after.length - start &&
    before[before.length - 1 - end] === after[after.length - 1 - end]
  ) {
    end += 1;
  }
  if (before.length - start - end > 0) fragment.delete(start, before.length - start - end);
  const fresh = text.content.slice(start, text.content.length - end).map(makeBlock);
  if (fresh.length > 0) fragment.insert(start, fresh);
}

function makeBlock(block: Block): Y.XmlElement {
  if (block.type === 'blockquote') return element(block.type, block.content.map(makeBlock));
  if (block.type !== 'paragraph') {
    return element(
      block.type,
      block.content.map((item) => element('listItem', item.content.map(makeBlock))),
    );
  }
  const paragraph = element('paragraph', makeInline(block.content ?? []));
  if (block.attrs) paragraph.setAttribute('textAlign', block.attrs.textAlign);
  return paragraph;
}

function makeInline(content: readonly Inline[]): (Y.XmlElement | Y.XmlText)[] {
  const nodes: (Y.XmlElement | Y.XmlText)[] = [];
  let runs: TextRun[] = [];
  const flush = () => {
    if (runs.length === 0) return;
    const text = new Y.XmlText();
    text.applyDelta(runs.map((run) => ({ insert: run.text, attributes: attributesFor(run.marks ?? []) })));
    nodes.push(text);
    runs = [];
  };
  for (const inline of content) {
    if (inline.type === 'text') {
      runs.push(inline);
    } else {
      flush();
      nodes.push(element('hardBreak', []));
    }
  }
  flush();
  return nodes;
}

function attributesFor(marks: readonly TextMark[]): Record<string, unknown> {
  return Object.fromEntries(marks.map((mark) => [mark.type, 'attrs' in mark ? mark.attrs : {}]));
}

function element(name: string, children: (Y.XmlElement | Y.XmlText)[]): Y.XmlElement {
  const made = new Y.XmlElement(name);
  if (children.length > 0) made.insert(0, children);
  return made;
}
