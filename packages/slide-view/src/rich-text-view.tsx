/** Draws a rich text; its links can be followed when `follow` is given. */
import type { Block, Destination, RichText, TextAlign, TextMark, TextRun, TextStyle } from '@gobrel/core/deck';
import type { CSSProperties, KeyboardEvent, ReactNode } from 'react';
import type { FollowLink } from './hands.js';
import { paint } from './paint.js';
import { Words } from './words.js';

/** A text as it stands on a slide. */
export function RichTextView({ text, follow }: { text: RichText; follow?: FollowLink | undefined }) {
  return <>{text.content.map((block, index) => drawBlock(block, index, follow))}</>;
}

function drawBlock(block: Block, key: number, follow: FollowLink | undefined): ReactNode {
  if (block.type === 'paragraph') {
    const style: CSSProperties | undefined = block.attrs && { textAlign: alignStyle(block.attrs.textAlign) };
    return (
      <p key={key} style={style}>
        {(block.content ?? []).map((inline, index) =>
          inline.type === 'text' ? drawRun(inline, index, follow) : <br key={index} />,
        )}
        {block.content ? null : <br />}
      </p>
    );
  }
  if (block.type === 'blockquote')
    return <blockquote key={key}>{block.content.map((inner, at) => drawBlock(inner, at, follow))}</blockquote>;
  const Tag = block.type === 'bulletList' ? 'ul' : 'ol';
  return (
    <Tag key={key}>
      {block.content.map((item, index) => (
        <li key={index}>{item.content.map((inner, at) => drawBlock(inner, at, follow))}</li>
      ))}
    </Tag>
  );
}

function drawRun(run: TextRun, key: number, follow: FollowLink | undefined): ReactNode {
  return (run.marks ?? []).reduceRight<ReactNode>(
    (inner, mark) => drawMark(mark, key, inner, follow),
    <span key={key}>
      <Words text={run.text} />
    </span>,
  );
}

function drawMark(mark: TextMark, key: number, inner: ReactNode, follow: FollowLink | undefined): ReactNode {
  switch (mark.type) {
    case 'bold':
      return <strong key={key}>{inner}</strong>;
    case 'italic':
      return <em key={key}>{inner}</em>;
    case 'subscript':
      return <sub key={key}>{inner}</sub>;
    case 'superscript':
      return <sup key={key}>{inner}</sup>;
    case 'highlight':
      return (
        <mark key={key} style={{ background: paint(mark.attrs.color) }}>
          {inner}
        </mark>
      );
    case 'textStyle':
      return (
        <span key={key} style={runStyle(mark.attrs)}>
          {inner}
        </span>
      );
    case 'link':
      return (
        <span
          key={key}
          className="gv-link"
          data-to={JSON.stringify(mark.attrs.destination)}
          {...linkBehaviour(mark.attrs.destination, follow)}
        >
          {inner}
        </span>
      );
  }
}

/** How an alignment is drawn: `left` is where a line begins, which is the right in languages written from there. */
export function alignStyle(align: TextAlign): 'start' | 'center' | 'end' | 'justify' {
  return ({ left: 'start', center: 'center', right: 'end', justify: 'justify' } as const)[align];
}

/** How a run's own style is drawn. Sizes follow the text when its letters are shrunk to fit. */
function runStyle({ color, fontSize, font }: TextStyle): CSSProperties {
  return {
    color: color === null ? undefined : paint(color),
    fontSize: fontSize === null ? undefined : fittedSize(fontSize),
    fontFamily: font === null ? undefined : `var(--gv-font-${font})`,
  };
}

/** A letter size in slide units, less what the text is shrunk by. */
export function fittedSize(size: number): string {
  return `calc(${size}px * var(--gv-fit, 1))`;
}

/** Attributes that make an element a link by mouse, touch, keys and screen reader; none without `follow`. */
export function linkBehaviour(destination: Destination, follow: FollowLink | undefined) {
  if (!follow) return {};
  return {
    role: 'link',
    tabIndex: 0,
    onClick: (event: { stopPropagation: () => void }) => {
      event.stopPropagation();
      follow(destination);
    },
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key !== 'Enter') return;
      event.preventDefault();
      event.stopPropagation();
      follow(destination);
    },
  };
}
