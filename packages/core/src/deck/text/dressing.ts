/** Items that go by the theme: how they look in it, and what they have of their own. */
import { type BoxLook, boxProperties, type BoxProperty, type BoxStyleName } from '../appearance/box-look.js';
import { colourIn, type Theme } from '../appearance/theme.js';
import { type TableLook, tableProperties } from '../appearance/theme-table.js';
import type { ItemFields } from '../model/change.js';
import type { Item, ShapeItem, TableItem, TextItem, TextLook } from '../model/item.js';
import type { ZoneItem } from '../model/question-items.js';
import { PLAIN_LOOK, readLook } from '../kinds/kind.js';
import { hasLook } from './texts.js';
import { styledProperties, type TextStyleName } from './text-style-names.js';

/** A look with what its text style decides, but for what the text has of its own. */
export function lookIn(theme: Theme, look: TextLook): TextLook {
  if (look.style === null) return look;
  const style = theme.styles[look.style];
  const decided = styledProperties.filter((property) => !look.own.includes(property));
  return { ...look, ...Object.fromEntries(decided.map((property) => [property, style[property]])) };
}

/** A look after some of it was set by hand: that is the text's own from now on. */
export function lookWith(look: TextLook, fields: Partial<TextLook>): TextLook {
  const mine = styledProperties.filter((property) => property in fields);
  const own =
    look.style === null ? [] : styledProperties.filter((each) => look.own.includes(each) || mine.includes(each));
  return { ...look, own, ...fields };
}

/** A look that goes by a style in everything; `null` leaves it as it is seen just now, going by none. */
export function lookGoingBy(theme: Theme, look: TextLook, style: TextStyleName | null): TextLook {
  return style === null ? { ...lookIn(theme, look), style: null, own: [] } : { ...look, style, own: [] };
}

/** How the words of an item are set in a theme. */
export function shownLook(theme: Theme, item: TextItem | ShapeItem | TableItem): TextLook {
  const shown = dressed(theme, item);
  return hasLook(shown) ? shown.look : item.look;
}

/** The fields of an item whose words are set otherwise by hand: whatever was set is the item’s own from now on. */
export function lookFields(item: TextItem | ShapeItem | TableItem, fields: Partial<TextLook>): ItemFields {
  const look = lookWith(item.look, fields);
  if (item.kind !== 'shape' || item.boxStyle === null) return { look };
  const mine = boxProperties.filter((name) => item.own.includes(name) || name in fields);
  return { look, own: mine };
}

/** The fields that give a shape one of the theme's looks, with nothing of its own; `null` takes it out of the theme and keeps what is seen. */
export function boxGoingBy(theme: Theme, item: ShapeItem, style: BoxStyleName | null): ItemFields {
  if (style !== null) return { boxStyle: style, own: [] };
  const shown = dressed(theme, item);
  if (shown.kind !== 'shape') return { boxStyle: null, own: [] };
  const { shape, fill, outline, outlineWidth, dash, look } = shown;
  return { boxStyle: null, own: [], shape, fill, outline, outlineWidth, dash, look };
}

/**
 * Fields that are set by hand, with what makes them the item's own from now on: of a shape or a table that goes by the
 * theme, whatever is set is drawn so in every theme.
 */
export function ownedFields(item: Item, fields: ItemFields): ItemFields {
  if (item.kind === 'shape' && item.boxStyle !== null && !('own' in fields)) {
    const look = lookSet(fields);
    const mine = boxProperties.filter(
      (name) =>
        item.own.includes(name) ||
        name in fields ||
        ((name === 'color' || name === 'weight') && look !== null && look[name] !== item.look[name]),
    );
    return mine.length === item.own.length ? fields : { ...fields, own: mine };
  }
  if (item.kind === 'table' && item.byTheme && !('own' in fields)) {
    const mine = tableProperties.filter((name) => item.own.includes(name) || name in fields);
    return mine.length === item.own.length ? fields : { ...fields, own: mine };
  }
  return fields;
}

/** The look that fields set; `null` when they set none. */
function lookSet(fields: ItemFields): TextLook | null {
  return 'look' in fields && fields.look !== undefined ? readLook(fields.look, PLAIN_LOOK) : null;
}

const dressedItems = new WeakMap<Item, { readonly theme: Theme; readonly dressed: Item }>();

/** An item as it looks in a theme: the very same value for as long as both are the same. */
export function dressed(theme: Theme, item: Item): Item {
  if (!isDressed(theme, item)) return item;
  const known = dressedItems.get(item);
  if (known?.theme === theme) return known.dressed;
  const made = inTheme(theme, item);
  dressedItems.set(item, { theme, dressed: made });
  return made;
}

/** Whether a theme has a say in how an item looks. */
function isDressed(theme: Theme, item: Item): boolean {
  if (item.kind === 'zone') return zoneIn(theme, item) !== item;
  if (item.kind === 'table' && item.byTheme && theme.table !== null) return true;
  if (item.kind === 'shape' && item.boxStyle !== null && theme.boxes !== null) return true;
  return hasLook(item) && item.look.style !== null;
}

function inTheme(theme: Theme, item: Item): Item {
  if (item.kind === 'zone') return zoneIn(theme, item);
  if (!hasLook(item)) return item;
  const worded: typeof item = { ...item, look: lookIn(theme, item.look) };
  if (worded.kind === 'shape' && worded.boxStyle !== null && theme.boxes)
    return shapeIn(theme, theme.boxes[worded.boxStyle], worded);
  if (worded.kind === 'table' && worded.byTheme && theme.table) return tableIn(theme, theme.table, worded);
  return worded;
}

/** The weight of words on buttons and pieces. */
const BOLD = 700;

/** Boxes keep the colours of most slides on title and section slides too: words and ground of a box go together. */
function shapeIn(theme: Theme, look: BoxLook, item: ShapeItem): ShapeItem {
  const has = (name: BoxProperty) => item.own.includes(name);
  return {
    ...item,
    shape: has('shape') ? item.shape : look.shape,
    fill: has('fill') ? item.fill : colourIn(theme, look.fill),
    outline: has('outline') ? item.outline : colourIn(theme, look.outline),
    outlineWidth: has('outlineWidth') ? item.outlineWidth : look.weight,
    dash: has('dash') ? item.dash : 'solid',
    look: {
      ...item.look,
      color: has('color') ? item.look.color : colourIn(theme, look.words),
      weight: has('weight') ? item.look.weight : BOLD,
    },
    finish: {
      corner: look.corner,
      dash: has('dash') ? [] : look.dash,
      inset: look.inset,
      lift: look.lift,
      liftColor: colourIn(theme, look.liftColor),
      halo: look.halo,
      top: look.top,
    },
  };
}

/** A zone as it is in a theme: one that nobody gave a shape has that of the theme. */
export function zoneIn({ boxes }: Theme, item: ZoneItem): ZoneItem {
  if (!boxes || item.shape !== 'rectangle' || boxes.zone.shape === 'rectangle') return item;
  return { ...item, shape: boxes.zone.shape };
}

function tableIn(theme: Theme, look: TableLook, item: TableItem): TableItem {
  const given = {
    fill: look.ground,
    headingFill: look.headFill,
    headingColor: look.headWords,
    outline: look.line,
    outlineWidth: look.weight,
    dash: 'solid',
  } as const;
  const mine = Object.fromEntries(item.own.map((name) => [name, item[name]]));
  return {
    ...item,
    ...Object.fromEntries(
      tableProperties.map((name) => {
        const value = given[name];
        return [name, typeof value === 'string' ? colourIn(theme, value) : value];
      }),
    ),
    ...mine,
    drawnAs: { ...look, line: colourIn(theme, look.line), stripe: colourIn(theme, look.stripe) },
  };
}
