/**
 * Reads a graph in the DOT language, as its grammar is given at https://graphviz.org/doc/info/lang.html: nodes, edges and
 * their chains, subgraphs, labels. What tells only of looks is listed once for each kind of it. Linear.
 */
import { storableText } from '../../deck/index.js';
import { MOST_OF_SKETCH, type ReadSketch, SketchBuilder } from '../route-sketch.js';

type TokenKind = 'id' | 'sign' | 'end';

interface Token {
  readonly kind: TokenKind;
  readonly text: string;
  readonly line: number;
}

/** Attributes that say what something is, rather than how it looks. */
const READ_ATTRIBUTES: readonly string[] = ['label', 'xlabel', 'style'];
/** How deep subgraphs may stand within one another; what is deeper is read as if it stood there. */
const DEEPEST = 200;

/** What a text in the DOT language says. */
export function readDot(text: string): ReadSketch {
  const builder = new SketchBuilder();
  const tokens = tokensOf(storableText(text.slice(0, MOST_OF_SKETCH.letters)), builder);
  new Reader(tokens, builder).read();
  return builder.done();
}

class Reader {
  private at = 0;
  private isDirected = true;

  constructor(
    private readonly tokens: readonly Token[],
    private readonly builder: SketchBuilder,
  ) {}

  read(): void {
    if (this.isWord('strict')) this.at += 1;
    const kind = this.next();
    if (!/^(di)?graph$/i.test(kind.text)) return this.builder.miss(kind.line, 'not-this-format', kind.text);
    this.isDirected = kind.text.toLowerCase() === 'digraph';
    if (this.peek().kind === 'id') this.builder.title = this.next().text;
    if (!this.takes('{')) return this.builder.miss(this.peek().line, 'not-this-format', this.peek().text);
    this.statements(null, 0);
    if (this.peek().kind !== 'end') this.builder.miss(this.peek().line, 'other', this.peek().text);
  }

  /** Statements up to the closing brace; the nodes they name. */
  private statements(section: string | null, depth: number): readonly string[] {
    const named: string[] = [];
    let title = section;
    for (;;) {
      const token = this.peek();
      if (token.kind === 'end') {
        this.builder.miss(token.line, 'unclosed', '{');
        return named;
      }
      if (this.takes('}')) return named;
      if (this.takes(';') || this.takes(',')) continue;
      const group = this.peek(1).text === '=' ? this.next() : null;
      if (group) {
        this.at += 1;
        const value = this.next();
        if (group.text === 'label' && depth > 0) title = value.text;
        else if (group.text !== 'label') this.builder.miss(group.line, 'look', group.text);
        continue;
      }
      if (/^(graph|node|edge)$/i.test(token.text) && this.peek(1).text === '[') {
        this.at += 1;
        const attributes = this.attributes();
        if (token.text.toLowerCase() === 'graph' && depth > 0) title = attributes.get('label') ?? title;
        continue;
      }
      named.push(...this.chain(title, depth));
    }
  }

  /** A node, or several joined by edges. */
  private chain(section: string | null, depth: number): readonly string[] {
    const before = this.at;
    let [from, isNode] = [this.end(section, depth), true];
    const named = [...from];
    const pairs: [string, string][] = [];
    while (this.peek().text === '->' || this.peek().text === '--') {
      const sign = this.next();
      if (sign.text === '--' || !this.isDirected) this.builder.miss(sign.line, 'undirected', sign.text);
      isNode = false;
      const to = this.end(section, depth);
      for (const a of from) for (const b of to) pairs.push([a, b]);
      named.push(...to);
      from = to;
    }
    const attributes = this.peek().text === '[' ? this.attributes() : new Map<string, string>();
    const label = attributes.get('label') ?? attributes.get('xlabel') ?? null;
    if (isNode && label !== null) for (const id of named) this.builder.slide(id, label, section);
    const isOrder = attributes.get('style') === 'dotted' && label === null;
    for (const [a, b] of pairs) this.builder.link(a, b, label ?? '', isOrder);
    // Whatever cannot be read is passed over, so that reading comes to an end.
    if (this.at === before) this.builder.miss(this.peek().line, 'other', this.next().text);
    return named;
  }

  /** One end of an edge: a node with its port, or all nodes of a subgraph. */
  private end(section: string | null, depth: number): readonly string[] {
    if (this.isWord('subgraph') || this.peek().text === '{') {
      if (this.isWord('subgraph')) {
        this.at += 1;
        if (this.peek().kind === 'id') this.at += 1;
      }
      if (!this.takes('{')) return [];
      return depth < DEEPEST ? this.statements(section, depth + 1) : [];
    }
    if (this.peek().kind !== 'id') return [];
    const { text } = this.next();
    while (this.takes(':')) {
      const port = this.next();
      this.builder.miss(port.line, 'look', port.text);
    }
    this.builder.slide(text, null, section);
    return [text];
  }

  private attributes(): ReadonlyMap<string, string> {
    const found = new Map<string, string>();
    while (this.takes('[')) {
      while (!this.takes(']')) {
        const name = this.next();
        if (name.kind === 'end') {
          this.builder.miss(name.line, 'unclosed', '[');
          return found;
        }
        if (name.kind === 'sign') continue;
        const value = this.takes('=') ? this.next().text : 'true';
        if (READ_ATTRIBUTES.includes(name.text)) found.set(name.text, value);
        else this.builder.miss(name.line, 'look', name.text);
      }
    }
    return found;
  }

  private peek(ahead = 0): Token {
    return this.tokens[Math.min(this.at + ahead, this.tokens.length - 1)] ?? { kind: 'end', text: '', line: 0 };
  }

  private next(): Token {
    const token = this.peek();
    if (token.kind !== 'end') this.at += 1;
    return token;
  }

  private takes(sign: string): boolean {
    const { kind, text } = this.peek();
    if (kind !== 'sign' || text !== sign) return false;
    this.at += 1;
    return true;
  }

  private isWord(word: string): boolean {
    const { kind, text } = this.peek();
    return kind === 'id' && text.toLowerCase() === word;
  }
}

const PATTERN =
  /(\s+)|(\/\/[^\n]*|^#[^\n]*)|\/\*([\s\S]*?)(?:\*\/|(?![\s\S]))|"((?:[^"\\]|\\[\s\S])*)("?)|(<)|(->|--)|([A-Za-z_\u0080-\uffff][\w\u0080-\uffff]*|-?(?:\.\d+|\d+(?:\.\d*)?))|([\s\S])/gmuy;

function tokensOf(text: string, builder: SketchBuilder): readonly Token[] {
  const tokens: Token[] = [];
  let line = 1;
  PATTERN.lastIndex = 0;
  for (let found = PATTERN.exec(text); found; found = PATTERN.exec(text)) {
    const [whole, space, remark, block, quote, closing, html, arrow, word, sign] = found;
    const at = line;
    line += whole.split('\n').length - 1;
    if (quote !== undefined) {
      if (closing !== '"') builder.miss(at, 'unclosed', '"');
      tokens.push({ kind: 'id', text: unquoted(quote), line: at });
    } else if (html !== undefined) {
      const { inner, length } = markup(text, PATTERN.lastIndex);
      PATTERN.lastIndex += length;
      builder.miss(at, 'look', `<${inner}>`);
      tokens.push({
        kind: 'id',
        text: inner
          .replace(/<[^>]*>/g, ' ')
          .replace(/\s+/g, ' ')
          .trim(),
        line: at,
      });
    } else if (arrow !== undefined || sign !== undefined) {
      tokens.push({ kind: 'sign', text: arrow ?? sign ?? '', line: at });
    } else if (word !== undefined) {
      tokens.push({ kind: 'id', text: word, line: at });
    } else if (space === undefined && remark === undefined && block === undefined) {
      break;
    }
  }
  return [...tokens, { kind: 'end', text: '', line }];
}

/** A label in markup, from after its first bracket to its matching one. */
function markup(text: string, from: number): { readonly inner: string; readonly length: number } {
  let depth = 1;
  let at = from;
  while (at < text.length && depth > 0) {
    if (text[at] === '<') depth += 1;
    else if (text[at] === '>') depth -= 1;
    at += 1;
  }
  return { inner: text.slice(from, depth === 0 ? at - 1 : at), length: at - from };
}

function unquoted(text: string): string {
  return text
    .replace(/\\\n/g, '')
    .replace(/\\([\s\S])/g, (_whole, sign: string) => ({ n: '\n', l: '\n', r: '\n' })[sign] ?? sign);
}
