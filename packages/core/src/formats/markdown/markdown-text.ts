/** Turns the text of a Markdown file into rich text, and collects what rich text cannot hold. */
import { decodeHTML } from 'entities/decode';
import type { Token, Tokens } from 'marked';
import { type Block, type Destination, type RichText, readRichText, safeWebAddress } from '../../deck/index.js';

/** What a heading is called in addresses within the file, by the slide that it became. */
export type SlideOfAnchor = (anchor: string) => string | null;

/** Reads the words of one part of a file. */
export class MarkdownText {
  /** What was left out, as it stands in the file. */
  readonly left: string[] = [];

  constructor(private readonly slideOf: SlideOfAnchor) {}

  /** Paragraphs, lists and quotes below each other. */
  read(tokens: readonly Token[]): RichText {
    return readRichText({ type: 'doc', content: this.blocks(tokens) });
  }

  /** The cells of a table, by rows; the first row is its heads. */
  readCells({ header, rows }: Tokens.Table): readonly (readonly RichText[])[] {
    return [header, ...rows].map((row) =>
      row.map(({ tokens }) => readRichText({ type: 'doc', content: [paragraph(this.runs(tokens, []))] })),
    );
  }

  private blocks(tokens: readonly Token[]): object[] {
    return tokens.flatMap((token): object[] => {
      if (isOf(token, 'list'))
        return [
          {
            type: token.ordered ? 'orderedList' : 'bulletList',
            content: token.items.map((item) => ({ type: 'listItem', content: this.blocks(item.tokens) })),
          },
        ];
      if (isOf(token, 'blockquote')) return [{ type: 'blockquote', content: this.blocks(token.tokens) }];
      if (isOf(token, 'code')) return token.text.split('\n').map((line) => paragraph([{ type: 'text', text: line }]));
      if (isOf(token, 'paragraph')) return [paragraph(this.runs(token.tokens, []))];
      if (isOf(token, 'text')) return [paragraph(this.runs(token.tokens ?? [token], []))];
      if (isOf(token, 'table')) return this.rows(token);
      if (token.type !== 'space' && token.type !== 'hr' && token.type !== 'checkbox') this.left.push(token.raw.trim());
      return [];
    });
  }

  /** A table that cannot be one here: its rows as lines of text, told as something that was left out. */
  private rows(table: Tokens.Table): object[] {
    this.left.push(table.raw.trim());
    return [table.header, ...table.rows].map((row) =>
      paragraph(row.flatMap(({ tokens }, at) => [...(at === 0 ? [] : [run(' · ', [])]), ...this.runs(tokens, [])])),
    );
  }

  private runs(tokens: readonly Token[], marks: readonly object[]): object[] {
    return tokens.flatMap((token): object[] => {
      if (isOf(token, 'strong')) return this.runs(token.tokens, [...marks, { type: 'bold' }]);
      if (isOf(token, 'em')) return this.runs(token.tokens, [...marks, { type: 'italic' }]);
      if (isOf(token, 'link')) return this.runs(token.tokens, [...marks, ...this.link(token)]);
      if (isOf(token, 'br')) return [{ type: 'hardBreak' }];
      if (isOf(token, 'codespan') || isOf(token, 'escape')) return [run(token.text, marks)];
      if (isOf(token, 'text'))
        return token.tokens ? this.runs(token.tokens, marks) : [run(decodeHTML(token.text.replace(/\n/g, ' ')), marks)];
      if (isOf(token, 'del')) return this.runs(token.tokens, marks);
      this.left.push(token.raw.trim());
      return [];
    });
  }

  private link({ href, raw }: Tokens.Link): readonly object[] {
    const destination = this.destination(href);
    if (!destination) this.left.push(raw);
    return destination ? [{ type: 'link', attrs: { destination } }] : [];
  }

  private destination(href: string): Destination | null {
    if (!href.startsWith('#')) {
      const address = safeWebAddress(href);
      return address === null ? null : { to: 'web', address };
    }
    const slideId = this.slideOf(href.slice(1));
    return slideId === null ? null : { to: 'slide', slideId };
  }
}

interface TokenOf {
  readonly list: Tokens.List;
  readonly blockquote: Tokens.Blockquote;
  readonly code: Tokens.Code;
  readonly paragraph: Tokens.Paragraph;
  readonly text: Tokens.Text;
  readonly table: Tokens.Table;
  readonly strong: Tokens.Strong;
  readonly em: Tokens.Em;
  readonly link: Tokens.Link;
  readonly br: Tokens.Br;
  readonly codespan: Tokens.Codespan;
  readonly escape: Tokens.Escape;
  readonly del: Tokens.Del;
}

/** Whether a token is of a type: `marked` also allows tokens of extensions, so that its own types do not narrow. */
function isOf<Type extends keyof TokenOf>(token: Token, type: Type): token is TokenOf[Type] {
  return token.type === type;
}

const paragraph = (content: readonly object[]): Pick<Block, 'type'> & { readonly content: readonly object[] } => ({
  type: 'paragraph',
  content,
});

const run = (text: string, marks: readonly object[]) => ({ type: 'text', text, marks });
