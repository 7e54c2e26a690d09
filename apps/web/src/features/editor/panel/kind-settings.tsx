/** The table of settings: how an item of each kind looks, and what only it has. Questions have a table of their own. */
import type { Item, ItemKindName, ItemOf } from '@gobrel/core/deck';
import type { ComponentType } from 'react';
import { ChartGroup } from '../charts/chart-group';
import { CreditGroup } from '../contents/credit-group';
import { InkGroup } from '../ink/ink-group';
import { MediaGroup } from '../media/media-group';
import type { Editing } from '../state/editing';
import { TableGroup } from '../table/table-group';
import { WebCardGroup } from '../web-cards/web-card-group';
import { CutGroup } from './cut-group';
import { HotspotGroup } from './hotspot-group';
import { LineGroup } from './line-group';
import { PictureGroup } from './picture-group';
import { ShapeGroup } from './shape-group';
import { SignGroup } from './sign-group';
import { TextGroup } from './text-group';
import { ViewpointGroup } from './viewpoint-group';

interface SettingsProps<I extends Item> {
  readonly editing: Editing;
  readonly item: I;
}

/** The groups of a kind, from the top. */
type Groups<K extends ItemKindName> = readonly ComponentType<SettingsProps<ItemOf<K>>>[];

const settings: { readonly [K in ItemKindName]: Groups<K> } = {
  text: [TextGroup],
  shape: [TextGroup, ShapeGroup],
  picture: [PictureGroup, CreditGroup, CutGroup],
  line: [LineGroup],
  table: [TableGroup, TextGroup],
  sign: [SignGroup],
  video: [MediaGroup, CreditGroup],
  sound: [MediaGroup, CreditGroup],
  chart: [ChartGroup],
  ink: [InkGroup],
  'web-card': [WebCardGroup],
  hotspot: [HotspotGroup],
  viewpoint: [ViewpointGroup],
  zone: [],
  blank: [],
  choice: [],
  'short-text': [],
  'long-text': [],
  number: [],
  point: [],
  draw: [],
  spoken: [],
  'open-area': [],
};

/** What an item of its kind has to set. */
export function KindSettings(props: SettingsProps<Item>) {
  // An item goes with the entry of its own kind, which the types of a union cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  const groups = settings[props.item.kind] as Groups<ItemKindName> as readonly ComponentType<SettingsProps<Item>>[];
  return groups.map((Group, place) => <Group key={place} {...props} />);
}
