/** Items that students answer: what each kind of question adds to the fields that all items share. */
import type { Asking, Region } from './asking.js';
import type { ItemId } from './identifiers.js';
import type { ItemBase, PixelSize } from './item-base.js';
import type { ShapeName } from '../appearance/shapes.js';

/** How pieces lie in a zone: next to each other, each in a slot, one row or column, or where they were let go. */
export const zoneLays = ['packed', 'slots', 'row', 'column', 'free'] as const;

/** How pieces lie in a zone. */
type ZoneLay = (typeof zoneLays)[number];

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
  /** Size of its letters, in slide units. */
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
  /** How many words are wanted at least; 0 for no bound. */
  readonly leastWords: number;
  /** How many words are wanted at most; 0 for no bound. */
  readonly mostWords: number;
  /** Answer key: what a good answer says, for whoever reads them. */
  readonly model: string;
}

/** A unit of measurement: how much of the first one it is worth. */
export interface MeasuringUnit {
  readonly name: string;
  /** How many of the first unit make one of it; 1 for the first. */
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
type PointMark = (typeof pointMarks)[number];

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
