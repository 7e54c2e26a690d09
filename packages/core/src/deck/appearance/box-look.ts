/** How a theme draws boxes: buttons, cards, choices, pieces and zones. */
import { type Fields, readBoolean, readFields, readNumber, readOneOf } from '../model/reading.js';
import { readColour } from './colour.js';
import { type ShapeName, shapeNames } from './shapes.js';

/** How a box is drawn; colours by name or as `#rrggbb`, lengths in slide units. */
export interface BoxLook {
  readonly shape: ShapeName;
  /** Radius of its corners, or the size of what is cut off them; of shapes that have corners to speak of. */
  readonly corner: number;
  readonly fill: string;
  /** Colour of the words in it. */
  readonly words: string;
  readonly outline: string;
  readonly weight: number;
  /** Lengths of dashes and gaps along the outline, in turn; none for an unbroken line. */
  readonly dash: readonly number[];
  /** How far inside the edge the outline is drawn, as a seam; 0 for along the edge. */
  readonly inset: number;
  /** How far a hard edge is seen below, as of a thick card; 0 for none. */
  readonly lift: number;
  readonly liftColor: string;
  /** Whether light falls around it. */
  readonly halo: boolean;
  /** Height of a bar along its top, in the outline's colour; 0 for none. */
  readonly top: number;
}

/** A box that a theme says nothing about. */
export const PLAIN_BOX: BoxLook = {
  shape: 'rectangle',
  corner: 8,
  fill: 'ground',
  words: 'words',
  outline: 'words',
  weight: 2,
  dash: [],
  inset: 0,
  lift: 0,
  liftColor: 'words',
  halo: false,
  top: 0,
};

/** How letters stand before the choices of a question: on a disc, in a ring, or by themselves. */
export const choiceLetterStyles = ['filled', 'ringed', 'bare'] as const;

/** How letters stand before choices. */
export type ChoiceLetterStyle = (typeof choiceLetterStyles)[number];

/** The boxes that a theme draws. */
export interface ThemeBoxes {
  /** Shapes that lead somewhere. */
  readonly button: BoxLook;
  /** Shapes that students move. */
  readonly piece: BoxLook;
  /** What questions are written on. */
  readonly card: BoxLook;
  readonly choice: BoxLook;
  readonly choiceLetter: ChoiceLetterStyle;
  readonly zone: BoxLook;
}

/** The looks of a theme that shapes can go by. */
export const boxStyleNames = ['button', 'piece'] as const;

/** A look of a theme that a shape can go by. */
export type BoxStyleName = (typeof boxStyleNames)[number];

/** What a look of the theme decides of a shape, by the shape's own names; colour and weight are those of its words. */
export const boxProperties = ['shape', 'fill', 'outline', 'outlineWidth', 'dash', 'color', 'weight'] as const;

/** Something that a look of the theme decides of a shape. */
export type BoxProperty = (typeof boxProperties)[number];

/** What a theme draws of a box beside what every shape can be told. */
export type BoxFinish = Pick<BoxLook, 'corner' | 'dash' | 'inset' | 'lift' | 'liftColor' | 'halo' | 'top'>;

/** A box from untrusted JSON; what is missing is as in `PLAIN_BOX`. */
function readBox(value: unknown): BoxLook {
  const fields: Fields = readFields(value) ?? {};
  return {
    shape: readOneOf(fields['shape'], shapeNames, PLAIN_BOX.shape),
    corner: readNumber(fields['corner'], PLAIN_BOX.corner, 0, 400),
    fill: readColour(fields['fill'], PLAIN_BOX.fill),
    words: readColour(fields['words'], PLAIN_BOX.words),
    outline: readColour(fields['outline'], PLAIN_BOX.outline),
    weight: readNumber(fields['weight'], PLAIN_BOX.weight, 0, 40),
    dash: readLengths(fields['dash']),
    inset: readNumber(fields['inset'], 0, 0, 40),
    lift: readNumber(fields['lift'], 0, 0, 40),
    liftColor: readColour(fields['liftColor'], PLAIN_BOX.liftColor),
    halo: readBoolean(fields['halo'], false),
    top: readNumber(fields['top'], 0, 0, 40),
  };
}

/** The most lengths of a dash pattern. */
const MOST_LENGTHS = 8;

function readLengths(value: unknown): readonly number[] {
  return Array.isArray(value) ? value.slice(0, MOST_LENGTHS).map((length) => readNumber(length, 0, 0, 200)) : [];
}

/** The boxes of a theme from untrusted JSON; `null` for a theme that draws none of its own. */
export function readThemeBoxes(value: unknown): ThemeBoxes | null {
  const fields = readFields(value);
  return (
    fields && {
      button: readBox(fields['button']),
      piece: readBox(fields['piece']),
      card: readBox(fields['card']),
      choice: readBox(fields['choice']),
      choiceLetter: readOneOf(fields['choiceLetter'], choiceLetterStyles, 'bare'),
      zone: readBox(fields['zone']),
    }
  );
}
