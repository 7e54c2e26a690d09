/** What is placed on a slide: the fields all items share, and what each kind adds. */
import type { Frame, Side, Way } from '../geometry/index.js';
import type { Asking, Region } from './asking.js';
import type { Destination } from './destination.js';
import type { FontName } from './fonts.js';
import type { GroupId, ItemId, SlideId } from './identifiers.js';
import type { Crop } from './picture-look.js';
import type { RichText, TextAlign } from './rich-text.js';
import type { ShapeName } from './shapes.js';
import type { CellField, LineField, TableHeadings, TableLine } from './table-fields.js';
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
  /** How it behaves while it is loose. */
  readonly piece: PieceManner;
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

/** How a loose piece behaves in students' hands. */
export interface PieceManner {
  /** How many copies it gives out where it lies: 0 when it is moved itself, `null` for any number. */
  readonly pile: number | null;
  /** Whether students may turn it. */
  readonly turns: boolean;
  /** The item it stays within; `null` for the whole slide. */
  readonly within: ItemId | null;
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
  readonly pixels: PixelSize;
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

/** How pieces lie in a zone: next to each other, each in a slot, one row or column, or where they were let go. */
export const zoneLays = ['packed', 'slots', 'row', 'column', 'free'] as const;

/** How pieces lie in a zone. */
export type ZoneLay = (typeof zoneLays)[number];

/** A place that takes pieces. */
export interface ZoneItem extends ItemBase, Asking {
  readonly kind: 'zone';
  readonly label: string;
  readonly shape: ShapeName;
  readonly lay: ZoneLay;
  /** The most pieces it takes; 0 for any number. */
  readonly capacity: number;
  /** The only pieces or groups it takes; empty when it takes any. No key: a student sees it at the first try. */
  readonly takes: readonly ItemId[];
  /** Whether a piece that it does not take goes home instead of lying beside it. */
  readonly sendsHome: boolean;
  /** Answer key: the pieces that belong here. */
  readonly belongs: readonly ItemId[];
  /** Answer key: whether all of them are wanted, or any one of them is enough. */
  readonly needs: 'all' | 'one';
  /** Whether the order of the key is part of it. */
  readonly inOrder: boolean;
}

/** What typed words must have in common with accepted ones. */
export interface WordCare {
  /** How many letters may be wrong, missing, too many or swapped: 0 to 3. */
  readonly slips: number;
  readonly caseMatters: boolean;
  readonly accentsMatter: boolean;
  /** Whether `*` in an accepted text stands for any letters, and `?` for one. */
  readonly patterns: boolean;
}

/** A text field that students fill in. */
export interface BlankItem extends ItemBase, Asking, WordCare {
  readonly kind: 'blank';
  readonly size: number;
  /** What it is chosen from; empty when it is typed. */
  readonly options: readonly string[];
  /** Answer key: what counts as right. */
  readonly accepted: readonly string[];
}

/** One choice of a choice question. */
export interface Choice {
  readonly id: string;
  readonly text: string;
  /** The SHA-256 of a picture shown with it; its text is then also what the picture is called. */
  readonly picture?: string;
}

/** What a choice question is: choices of one's own, or one of those that every teacher knows. */
export const choiceForms = ['own', 'true-false', 'yes-no', 'scale'] as const;

/** What a choice question is. */
export type ChoiceForm = (typeof choiceForms)[number];

/** A question with choices, one or several of which are right. */
export interface ChoiceItem extends ItemBase, Asking {
  readonly kind: 'choice';
  readonly prompt: string;
  readonly form: ChoiceForm;
  readonly choices: readonly Choice[];
  readonly several: boolean;
  /** Whether every student sees the choices in an order of their own. */
  readonly shuffled: boolean;
  /** Answer key: the ids of the right choices; empty for a poll. */
  readonly right: readonly string[];
}

/** A question answered in a few words. */
export interface ShortTextItem extends ItemBase, Asking, WordCare {
  readonly kind: 'short-text';
  readonly prompt: string;
  /** Answer key: what counts as right; empty when a person reads the answers. */
  readonly accepted: readonly string[];
}

/** A question answered at length, read by a person. */
export interface LongTextItem extends ItemBase, Asking {
  readonly kind: 'long-text';
  readonly prompt: string;
  /** How many words are wanted, at least and at most; 0 for no bound. */
  readonly leastWords: number;
  readonly mostWords: number;
  /** Answer key: what a good answer says, for whoever reads them. */
  readonly model: string;
}

/** A unit of measurement: how much of the first one it is worth. */
export interface MeasuringUnit {
  readonly name: string;
  readonly worth: number;
}

/** A question answered by a number. */
export interface NumberItem extends ItemBase, Asking {
  readonly kind: 'number';
  readonly prompt: string;
  /** Units it may be given in, the first one being that of the key; empty for none. */
  readonly units: readonly MeasuringUnit[];
  /** Whether a number alone is not enough. */
  readonly unitNeeded: boolean;
  /** Whether fractions such as 3/4 and 1 ½ are taken. */
  readonly fractions: boolean;
  /** Answer key, in the first unit; `null` when a person reads the answers. */
  readonly right: number | null;
  /** Answer key: how far off is still right, in the first unit or as a share of the key. */
  readonly tolerance: number;
  readonly toleranceIs: 'absolute' | 'relative';
}

/** What is put on a picture to answer: one dot, several, a line, an arrow. */
export const pointMarks = ['dot', 'dots', 'line', 'arrow'] as const;

/** What is put on a picture to answer. */
export type PointMark = (typeof pointMarks)[number];

/** A scale along the picture, from left to right or from bottom to top. */
export interface PointAxis {
  readonly from: number;
  readonly to: number;
  readonly unit: string;
  readonly upright: boolean;
  /** Answer key: where on the scale, and how far off is still right; `null` for none. */
  readonly right: number | null;
  readonly tolerance: number;
}

/** Width and height of a stored picture in its own pixels; 0 when they are not known. */
export interface PixelSize {
  readonly width: number;
  readonly height: number;
}

/** A question answered by pointing at a picture. */
export interface PointItem extends ItemBase, Asking {
  readonly kind: 'point';
  readonly prompt: string;
  /** The SHA-256 of the picture; '' for an empty ground. */
  readonly picture: string;
  readonly pixels: PixelSize;
  readonly alt: string;
  readonly mark: PointMark;
  /** The most dots. */
  readonly most: number;
  readonly axis: PointAxis | null;
  /** Answer key: regions that have to be hit; of a line, the first by its start and the second by its end. */
  readonly regions: readonly Region[];
}

/** A question answered by drawing, on a picture or an empty ground. */
export interface DrawItem extends ItemBase, Asking {
  readonly kind: 'draw';
  readonly prompt: string;
  /** The SHA-256 of the picture that is drawn on; '' for an empty ground. */
  readonly picture: string;
  readonly pixels: PixelSize;
  readonly alt: string;
}

/** A question answered by speaking. */
export interface SpokenItem extends ItemBase, Asking {
  readonly kind: 'spoken';
  readonly prompt: string;
  /** The longest answer, in seconds. */
  readonly longest: number;
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

/** The item type of a kind. */
export type ItemOf<K extends ItemKindName> = Extract<Item, { kind: K }>;

/** What a kind adds to the shared fields. */
export type OwnFields<K extends ItemKindName> = Omit<ItemOf<K>, keyof ItemBase | 'kind'>;
