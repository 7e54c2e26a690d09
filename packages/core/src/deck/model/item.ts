/** What is placed on a slide: what each kind adds to the fields that all items share; questions have a file of their own. */
import type { ChartFigures } from '../charts/figures.js';
import type { InkStroke } from '../ink/ink.js';
import type { Credit } from '../credits/credit.js';
import type { Asking } from './asking.js';
import type { Side, ConnectorStyle } from '../../geometry/index.js';
import type { FontName } from '../text/fonts.js';
import type { ItemId, SlideId } from './identifiers.js';
import type { MediaFields } from '../media/media-fields.js';
import type { ItemBase, PixelSize } from './item-base.js';
import type { Crop } from '../appearance/picture-look.js';
import type {
  BlankItem,
  ChoiceItem,
  DrawItem,
  LongTextItem,
  NumberItem,
  PointItem,
  ShortTextItem,
  SpokenItem,
  ZoneItem,
} from './question-items.js';
import type { RichText, TextAlign } from '../text/rich-text.js';
import type { BoxFinish, BoxProperty, BoxStyleName } from '../appearance/box-look.js';
import type { ShapeName } from '../appearance/shapes.js';
import type { TableLook, TableProperty } from '../appearance/theme-table.js';
import type { CellField, LineField, TableHeadings, TableLine } from '../tables/table-fields.js';
import type { StyledProperty, TextStyleName } from '../text/text-style-names.js';

/** How a text is set where its runs do not say otherwise; size in slide units. */
export interface TextLook {
  readonly size: number;
  readonly color: string;
  readonly align: TextAlign;
  /** Where the text stands in a box higher than itself. */
  readonly upright: Upright;
  readonly heading: boolean;
  /** `null` for the font of headings or of texts, whichever this is. */
  readonly font: FontName | null;
  /** From one line to the next, in letter sizes; `null` for the usual distance. */
  readonly lineSpacing: number | null;
  /** Weight of the letters, 300 to 800; `null` for the usual one. */
  readonly weight: number | null;
  /** How much wider letters stand, in letter sizes; narrower when negative, `null` for as their font has it. */
  readonly tracking: number | null;
  readonly fit: TextFit;
  /** The text style of the theme that it goes by; `null` for none. */
  readonly style: TextStyleName | null;
  /** What it has of its own, whatever its style says. */
  readonly own: readonly StyledProperty[];
}

/** Where a text stands in its box, from top to bottom. */
type Upright = 'top' | 'middle' | 'bottom';

/** What happens when a text has no room: its letters shrink, its box grows, or it runs over. */
type TextFit = 'leave' | 'shrink' | 'grow';

/** Words on the slide. */
export interface TextItem extends ItemBase {
  readonly kind: 'text';
  readonly text: RichText;
  readonly look: TextLook;
  /** What it gathers from the whole deck, so that nobody has to write it; `null` for a text as somebody wrote it. */
  readonly gathers: 'credits' | null;
}

/** How a line is drawn along its length. */
export type Dash = 'solid' | 'dashed' | 'dotted';

/** A shape, with or without words in it; outline weight in slide units. */
export interface ShapeItem extends ItemBase {
  readonly kind: 'shape';
  readonly shape: ShapeName;
  readonly fill: string;
  readonly outline: string;
  readonly outlineWidth: number;
  readonly dash: Dash;
  /** 0 (not to be seen) to 1; of its ground, not of its words. */
  readonly opacity: number;
  readonly text: RichText;
  readonly look: TextLook;
  /** The look of the theme that it goes by; `null` for none. */
  readonly boxStyle: BoxStyleName | null;
  /** What it has of its own, whatever that look says. */
  readonly own: readonly BoxProperty[];
  /** What the theme draws of it besides: only in what is about to be drawn, never held. */
  readonly finish?: BoxFinish;
}

/** A picture, by the SHA-256 of its stored bytes. */
export interface PictureItem extends ItemBase {
  readonly kind: 'picture';
  readonly picture: string;
  readonly pixels: PixelSize;
  /** Whether it is a moving picture. */
  readonly moving: boolean;
  readonly alt: string;
  /** What is written in it, as a page of a document has it: found by searching, and read out; '' for a picture. */
  readonly says: string;
  /** Its papers; `null` where nobody knows them. */
  readonly credit: Credit | null;
  readonly crop: Crop;
  /** The shape that its frame cuts out of it. */
  readonly shape: ShapeName;
  readonly outline: string;
  readonly outlineWidth: number;
  readonly dash: Dash;
  /** 0 (not to be seen) to 1. */
  readonly opacity: number;
  readonly flippedAcross: boolean;
  readonly flippedDown: boolean;
}

/** A table; its line weight is in slide units. */
export interface TableItem extends ItemBase {
  readonly kind: 'table';
  readonly headings: TableHeadings;
  readonly look: TextLook;
  readonly fill: string;
  /** The ground of headings, and their letters. */
  readonly headingFill: string;
  readonly headingColor: string;
  readonly outline: string;
  readonly outlineWidth: number;
  readonly dash: Dash;
  /** 0 (not to be seen) to 1; of its ground, not of its words. */
  readonly opacity: number;
  /** Whether it is drawn as the theme draws tables, but for what it has of its own. */
  readonly byTheme: boolean;
  readonly own: readonly TableProperty[];
  /** The theme's table: only in what is about to be drawn, never held. */
  readonly drawnAs?: TableLook;
  readonly [line: LineField]: TableLine;
  /** A cell that nobody has written in may be missing. */
  readonly [cell: CellField]: RichText;
}

/** What a line ends in. */
export const lineHeads = ['none', 'arrow', 'triangle', 'dot', 'diamond', 'bar'] as const;

/** What a line ends in. */
export type LineHead = (typeof lineHeads)[number];

/** An end of a line. */
export interface LineEnd {
  /** Where it is while it is tied to nothing: shares of the width and height of the line's frame, from 0 to 1. */
  readonly u: number;
  readonly v: number;
  /** The item it is tied to. */
  readonly at: ItemId | null;
  /** The side it is tied to; `null` for the one that is nearest to the other end. */
  readonly side: Side | null;
  readonly head: LineHead;
}

/** A line or an arrow, free or tied to items. */
export interface LineItem extends ItemBase {
  readonly kind: 'line';
  readonly from: LineEnd;
  readonly to: LineEnd;
  readonly connectorStyle: ConnectorStyle;
  /** How far its middle is pushed aside, in slide units. */
  readonly bend: number;
  /** Whether an elbow leaves sideways, else up or down; worked out whenever the line is led. */
  readonly sideways: boolean;
  readonly outline: string;
  /** In slide units. */
  readonly outlineWidth: number;
  readonly dash: Dash;
  /** 0 (not to be seen) to 1. */
  readonly opacity: number;
}

/** A sign or a sticker from the collection that comes along: drawn with lines, or a picture. */
export interface SignItem extends ItemBase {
  readonly kind: 'sign';
  /** What it shows, in words. */
  readonly shows: string;
  /** Its lines as SVG path data in a square of 24 by 24; empty for a sticker. */
  readonly strokes: readonly string[];
  /** The name of a sticker's picture in the collection; '' for a sign. */
  readonly sticker: string;
  readonly color: string;
  /** How wide its lines are, in units of its own square of 24 by 24. */
  readonly weight: number;
}

/** An invisible area that carries a link. */
export interface HotspotItem extends ItemBase {
  readonly kind: 'hotspot';
  readonly shape: ShapeName;
}

/** A named region of a slide that the show travels to. */
export interface ViewpointItem extends ItemBase {
  readonly kind: 'viewpoint';
  /** Whether the show draws a frame around it. */
  readonly framed: boolean;
  /** Place among the viewpoints of its slide, as a fractional rank; `null` when only links lead there. */
  readonly order: string | null;
}

/** A video. */
export interface VideoItem extends ItemBase, MediaFields {
  readonly kind: 'video';
  /** The SHA-256 of the picture that is seen before it plays; '' for its own first one. */
  readonly poster: string;
}

/** A sound: heard where it stands, or along several slides. */
export interface SoundItem extends ItemBase, MediaFields {
  readonly kind: 'sound';
  /** The last slide that it is heard on, in running order; `null` for its own slide alone. */
  readonly along: SlideId | null;
  /** How long it takes to come and to go, in seconds. */
  readonly fades: number;
  /** Whether it is quieter while somebody speaks. */
  readonly yields: boolean;
}

/** What charts look like: bars, lines, parts of a whole, dots. */
export const chartForms = ['bars', 'lines', 'parts', 'dots'] as const;

/** What a chart looks like. */
export type ChartForm = (typeof chartForms)[number];

/** The figures of a table on the same slide, drawn. */
export interface ChartItem extends ItemBase {
  readonly kind: 'chart';
  /** The table that it follows; `null` when that is gone. */
  readonly table: ItemId | null;
  readonly form: ChartForm;
  readonly title: string;
  /** Size of its letters, in slide units. */
  readonly size: number;
  /** Whether each figure is written where it is drawn. */
  readonly isSaid: boolean;
  /** What it shows: only in what is about to be drawn, never held. */
  readonly figures?: ChartFigures;
}

/** What an author wrote or drew by hand. */
export interface InkItem extends ItemBase {
  readonly kind: 'ink';
  readonly strokes: readonly InkStroke[];
  readonly color: string;
  /** In slide units. */
  readonly weight: number;
  readonly tool: 'pen' | 'highlighter';
}

/** Where a link to the web leads: its link says where, this what is there. */
export interface WebCardItem extends ItemBase {
  readonly kind: 'web-card';
  readonly title: string;
  readonly note: string;
  /** The SHA-256 of a picture of it; '' for none. */
  readonly picture: string;
  readonly pixels: PixelSize;
  /** Whether a code for cameras stands beside it, for paper and projectors. */
  readonly hasCode: boolean;
}

/** A region in which students may add texts of their own. */
export interface OpenAreaItem extends ItemBase {
  readonly kind: 'open-area';
  readonly hint: string;
}

/** Any item. */
export type Item =
  | TextItem
  | ShapeItem
  | PictureItem
  | LineItem
  | TableItem
  | SignItem
  | VideoItem
  | SoundItem
  | ChartItem
  | InkItem
  | WebCardItem
  | HotspotItem
  | ViewpointItem
  | ZoneItem
  | BlankItem
  | ChoiceItem
  | ShortTextItem
  | LongTextItem
  | NumberItem
  | PointItem
  | DrawItem
  | SpokenItem
  | OpenAreaItem;

/** The name of an item kind. */
export type ItemKindName = Item['kind'];

/** An item students answer, or place pieces into. */
export type QuestionItem = Extract<Item, Asking>;

/** The name of a kind of question. */
export type QuestionKindName = QuestionItem['kind'];

/** The item type of a kind. */
export type ItemOf<K extends ItemKindName> = Extract<Item, { kind: K }>;

/** What a kind adds to the shared fields. */
export type OwnFields<K extends ItemKindName> = Omit<ItemOf<K>, keyof ItemBase | 'kind'>;
