/** Draws a text item; the title of a slide is a heading, under the deck's name as the page's. */
import { lettersOf, type TextItem } from '@gobrel/core/deck';
import type { ItemProps } from './item-props.js';
import { TextBox } from './text-box.js';

export function TextView({ item, follow, editing }: ItemProps<TextItem>) {
  const { width, height } = item.frame;
  const box = <TextBox text={item.text} look={item.look} follow={follow} width={width} height={height} />;
  // For its author it is a button by its own name.
  if (editing || item.role !== 'title' || lettersOf(item.text).trim() === '') return box;
  return (
    <div className="gv-title" role="heading" aria-level={2}>
      {box}
    </div>
  );
}
