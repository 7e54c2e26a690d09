/** A Markdown text as parts that begin with a heading: what becomes a slide each. */
import { decodeHTML } from 'entities/decode';
import { marked, type Token, type Tokens } from 'marked';

/** A heading with what stands under it. */
export interface HeadedPart {
  /** 1 to 6; 0 for what stands before the first heading. */
  readonly level: number;
  /** Its words, without marks. */
  readonly name: string;
  readonly tokens: readonly Token[];
  /** The line it begins on, counted from 1. */
  readonly line: number;
}

/** The parts of a text, in order. Linear. */
export function headedParts(text: string): readonly HeadedPart[] {
  const parts: { level: number; name: string; tokens: Token[]; line: number }[] = [];
  let line = 1;
  for (const token of marked.lexer(text)) {
    if (isHeading(token)) parts.push({ level: token.depth, name: lettersIn(token.tokens), tokens: [], line });
    else if (token.type !== 'space') {
      if (parts.length === 0) parts.push({ level: 0, name: '', tokens: [], line });
      parts.at(-1)?.tokens.push(token);
    }
    line += token.raw.split('\n').length - 1;
  }
  return parts;
}

const isHeading = (token: Token): token is Tokens.Heading => token.type === 'heading';

/** What has a name in HTML is that name to `marked`, but where it is said to be letters. */
function wordsIn(token: Token): string {
  if (!('text' in token)) return '';
  return token.type === 'text' ? decodeHTML(String(token.text)) : String(token.text);
}

/** The letters of some tokens, without marks. */
export function lettersIn(tokens: readonly Token[]): string {
  return tokens
    .map((token) => ('tokens' in token && token.tokens ? lettersIn(token.tokens) : wordsIn(token)))
    .join('')
    .replace(/\s+/g, ' ')
    .trim();
}
