/** Keys of a list that is typed: Tab sets its lines in, Shift and Tab bring them back, Enter goes on as deep as before. */

/** A text with what is marked in it. */
export interface TypedText {
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

/** The text after a key; `null` when the key is none of these, or has nothing to do here. */
export function listKey(
  { key, shiftKey }: { readonly key: string; readonly shiftKey: boolean },
  typed: TypedText,
): TypedText | null {
  if (key === 'Enter' && !shiftKey) return goneOn(typed);
  if (key !== 'Tab') return null;
  return shiftKey ? broughtBack(typed) : setIn(typed);
}

/** Where the line begins in which a place is. */
function lineStart(text: string, at: number): number {
  return text.lastIndexOf('\n', at - 1) + 1;
}

function goneOn({ text, from, to }: TypedText): TypedText {
  const indent = /^\t*/.exec(text.slice(lineStart(text, from)))?.[0] ?? '';
  const at = from + 1 + indent.length;
  return { text: `${text.slice(0, from)}\n${indent}${text.slice(to)}`, from: at, to: at };
}

function setIn({ text, from, to }: TypedText): TypedText {
  const start = lineStart(text, from);
  const lines = text.slice(start, to).split('\n');
  const inner = lines.map((line) => `\t${line}`).join('\n');
  return { text: text.slice(0, start) + inner + text.slice(to), from: from + 1, to: to + lines.length };
}

/** Nothing to bring back: whoever presses it wants to leave. */
function broughtBack({ text, from, to }: TypedText): TypedText | null {
  const start = lineStart(text, from);
  const lines = text.slice(start, to).split('\n');
  // The rest of the last line counts too: its tabs stand at its beginning.
  const out = lines.map((line) => line.replace(/^\t/, ''));
  const gone = lines.join('\n').length - out.join('\n').length;
  const rest = text.slice(to);
  if (gone === 0) {
    if (text[start] !== '\t') return null;
    return {
      text: text.slice(0, start) + text.slice(start + 1),
      from: Math.max(start, from - 1),
      to: Math.max(start, to - 1),
    };
  }
  const first = (lines[0]?.length ?? 0) - (out[0]?.length ?? 0);
  return { text: text.slice(0, start) + out.join('\n') + rest, from: Math.max(start, from - first), to: to - gone };
}
