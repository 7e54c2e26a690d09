/** A plain outline as Markdown: names at the margin become headings, what is set in under them lists; nothing else is a sign. */
import { escaped } from './escaped.js';

/** What begins a line of a list, where somebody wrote it so. */
const SIGN = /^(?:[-*+•–]|(\d{1,2})[.)])\s+(?=\S)/;

/** Whether a text has headings as Markdown has them; what is set in belongs to an outline. */
export const hasHeadings = (text: string) => /^#{1,6}\s+\S|^[^\s].*\n(?:=+|-{3,})\s*$/m.test(text);

/**
 * An outline as Markdown: what begins at the margin after an empty line is a heading; lines that are set in are its
 * list, deeper ones lists within. Linear.
 */
export function outlineAsMarkdown(text: string): string {
  let isFree = true;
  /** How far the lines of the lists are set in that a line may stand in, from the outermost. */
  let indents: number[] = [];
  return text
    .split('\n')
    .map((line) => {
      const words = line.trim();
      const isName = isFree && /^\S/.test(line) && !SIGN.test(line) && !/^[|>]/.test(line);
      isFree = words === '';
      if (isFree) return '';
      if (isName) {
        indents = [];
        return `# ${escaped(words)}\n`;
      }
      const sign = SIGN.exec(words);
      const indent = columnsOf(line);
      if (indent === 0 && !sign) return `\n${escaped(words)}\n`;
      indents = indents.filter((outer) => outer < indent);
      const deep = '    '.repeat(indents.length);
      indents.push(indent);
      const own = sign?.[1] === undefined ? '-' : `${sign[1]}.`;
      return `${deep}${own} ${escaped(words.replace(SIGN, ''))}`;
    })
    .join('\n');
}

/** How far a line is set in; a tabulator counts for four. */
function columnsOf(line: string): number {
  return (/^[ \t]*/.exec(line)?.[0] ?? '').replaceAll('\t', '    ').length;
}
