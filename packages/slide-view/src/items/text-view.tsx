/** Draws a text item. */
import type { TextItem } from '@gobrel/core/deck';
import type { ItemProps } from './item-props.js';
import { TextBox } from './text-box.js';

export function TextView({ item, follow }: ItemProps<TextItem>) {
  const { width, height } = item.frame;
  return <TextBox text={item.text} look={item.look} follow={follow} width={width} height={height} />;
}
