/** The table of drawings: one an item kind. */
import type { Item, ItemKindName, ItemOf } from '@gobrel/core/deck';
import type { ComponentType } from 'react';
import { FormulasOf } from '../words.js';
import { BlankView } from './blank-view.js';
import { ChartView } from './chart-view.js';
import { ChoiceView } from './choice-view.js';
import { HotspotView } from './hotspot-view.js';
import type { ItemProps } from './item-props.js';
import { InkView } from './ink-view.js';
import { LineView } from './line-view.js';
import { OpenAreaView } from './open-area-view.js';
import { PictureView } from './picture-view.js';
import { ShapeView } from './shape-view.js';
import { ShortTextView } from './short-text-view.js';
import { SignView } from './sign-view.js';
import { TableView } from './table-view.js';
import { TextView } from './text-view.js';
import { WebCardView } from './web-card-view.js';
import { VideoView } from './video-view.js';
import { ViewpointView } from './viewpoint-view.js';
import { DrawView } from './draw-view.js';
import { LongTextView } from './long-text-view.js';
import { NumberView } from './number-view.js';
import { PointView } from './point-view.js';
import { SoundView } from './sound-view.js';
import { SpokenView } from './spoken-view.js';
import { ZoneView } from './zone-view.js';

const views: { readonly [K in ItemKindName]: ComponentType<ItemProps<ItemOf<K>>> } = {
  text: TextView,
  shape: ShapeView,
  picture: PictureView,
  line: LineView,
  table: TableView,
  sign: SignView,
  video: VideoView,
  sound: SoundView,
  chart: ChartView,
  ink: InkView,
  'web-card': WebCardView,
  hotspot: HotspotView,
  viewpoint: ViewpointView,
  zone: ZoneView,
  blank: BlankView,
  choice: ChoiceView,
  'short-text': ShortTextView,
  draw: DrawView,
  'long-text': LongTextView,
  number: NumberView,
  point: PointView,
  spoken: SpokenView,
  'open-area': OpenAreaView,
};

/** Draws what an item shows, filling its frame. */
export function ItemContent(props: ItemProps<Item>) {
  // An item goes with the entry of its own kind, which the types of a union cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  const View = views[props.item.kind] as ComponentType<ItemProps<Item>>;
  return (
    <FormulasOf item={props.item}>
      <View {...props} />
    </FormulasOf>
  );
}

export type { ItemProps } from './item-props.js';
export { roomStyle } from './shape-view.js';
export { cellStyle, lookOfCell, withoutCell } from './table-view.js';
export { lookStyle, overflows, textClasses, uprightStyle } from './text-box.js';
