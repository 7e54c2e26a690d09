/** What is placed on a slide: the fields all items share, and what each kind adds. */
import type { Frame, Side, Way } from '../geometry/index.js';
import type { Destination } from './destination.js';
import type { FontName } from './fonts.js';
import type { GroupId, ItemId, SlideId } from './identifiers.js';
import type { Crop } from './picture-look.js';
import type { RichText, TextAlign } from './rich-text.js';
import type { ShapeName } from './shapes.js';
import type { StyledProperty, TextStyleName } from './text-style-names.js';

/** `backdrop` items stay put for everybody; `slide` items are the author's to move. */
export type Layer = 'slide' | 'backdrop';

/** The fields every item has. */
export interface ItemBase {
  readonly id: ItemId;
  readonly slideId: SlideId;
  /** Stacking order within its layer: a fractional rank, higher in front. */
  readonly rank: string;
  /** The author's name for it, or '' to go by what it shows. */
  readonly name: string;
  readonly frame: Frame;
  readonly layer: Layer;
  /** Whether a backdrop item is in the backdrop of its slide's layout: behind every slide of that layout. */
  readonly onLayout: boolean;
  /** Whether students may move it: then it is a piece. Backdrop items are never loose. */
  readonly loose: boolean;
  readonly link: Destination | null;
  /** The groups it is in, the outermost first; empty for an item by itself. */
  readonly groups: readonly GroupId[];
  /** Whether its author locked it where it is, until it is unlocked. */
  readonly locked: boolean;
  /** Whether it is put out of sight: neither shown nor given to students. */
  readonly hidden: boolean;
  /** The step of the show with which it appears on its slide; 0 when it is there from the start. */
  readonly appears: number;
  /** The part it plays in its slide's layout; `null` for what was placed freely. */
  readonly role: Role | null;
}

/** The last step with which items can appear. */
export const LAST_APPEARANCE = 30;

/** The parts that items play in layouts. */
export const roles = [
  'title',
  'subtitle',
  'body',
  'second-body',
  'picture',
  'caption',
  'question',
  'answers',
  'choice-1',
  'choice-2',
  'choice-3',
] as const;

/** A part in a layout. */
export type Role = (typeof roles)[number];

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
  readonly fit: TextFit;
  /** The text style of the theme that it goes by; `null` for none. */
  readonly style: TextStyleName | null;
  /** What it has of its own, whatever its style says. */
  readonly own: readonly StyledProperty[];
}

/** Where a text stands in its box, from top to bottom. */
export type Upright = 'top' | 'middle' | 'bottom';

/** What happens when a text has no room: its letters shrink, its box grows, or it runs over. */
export type TextFit = 'leave' | 'shrink' | 'grow';

/** Words on the slide. */
export interface TextItem extends ItemBase {
  readonly kind: 'text';
  readonly text: RichText;
  readonly look: TextLook;
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
}

/** A picture, by the SHA-256 of its stored bytes. */
export interface PictureItem extends ItemBase {
  readonly kind: 'picture';
  readonly picture: string;
  /** Width and height of the stored picture in its own pixels; 0 when they are not known. */
  readonly pixels: { readonly width: number; readonly height: number };
  /** Whether it is a moving picture. */
  readonly moving: boolean;
  readonly alt: string;
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

/** What a line ends in. */
export const lineHeads = ['none', 'arrow', 'triangle', 'dot', 'diamond', 'bar'] as const;

/** What a line ends in. */
export type LineHead = (typeof lineHeads)[number];

/** An end of a line. */
export interface LineEnd {
  /** Where it is while it is tied to nothing, in parts of the line's frame. */
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
  readonly way: Way;
  /** How far its middle is pushed aside, in slide units. */
  readonly bend: number;
  /** Whether an elbow leaves sideways, else up or down; worked out whenever the line is led. */
  readonly sideways: boolean;
  readonly outline: string;
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
  /** Weight of its lines, in its own square of 24 by 24. */
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

/** A place that takes pieces. */
export interface ZoneItem extends ItemBase {
  readonly kind: 'zone';
  readonly label: string;
  /** Answer key: the pieces that belong here. */
  readonly belongs: readonly ItemId[];
}

/** A text field that students fill in. */
export interface BlankItem extends ItemBase {
  readonly kind: 'blank';
  readonly size: number;
  /** Answer key: what counts as right. */
  readonly accepted: readonly string[];
  readonly points: number;
}

/** One choice of a choice question. */
export interface Choice {
  readonly id: string;
  readonly text: string;
}

/** A question with choices, one or several of which are right. */
export interface ChoiceItem extends ItemBase {
  readonly kind: 'choice';
  readonly prompt: string;
  readonly choices: readonly Choice[];
  readonly several: boolean;
  /** Answer key: the ids of the right choices; empty for a poll. */
  readonly right: readonly string[];
  readonly points: number;
}

/** A question answered in a few words. */
export interface ShortTextItem extends ItemBase {
  readonly kind: 'short-text';
  readonly prompt: string;
  /** Answer key: what counts as right; empty when a person reads the answers. */
  readonly accepted: readonly string[];
  readonly points: number;
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
  | SignItem
  | HotspotItem
  | ViewpointItem
  | ZoneItem
  | BlankItem
  | ChoiceItem
  | ShortTextItem
  | OpenAreaItem;

/** The name of an item kind. */
export type ItemKindName = Item['kind'];

/** The item type of a kind. */
export type ItemOf<K extends ItemKindName> = Extract<Item, { kind: K }>;

/** What a kind adds to the shared fields. */
export type OwnFields<K extends ItemKindName> = Omit<ItemOf<K>, keyof ItemBase | 'kind'>;
