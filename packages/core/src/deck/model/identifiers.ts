/** Ids: short random strings by which slides and items are known for life. Nothing is addressed by position. */

declare const brand: unique symbol;
/** A slide's id. */
export type SlideId = string & { readonly [brand]?: 'slide' };
/** An item's id, unique in its deck. */
export type ItemId = string & { readonly [brand]?: 'item' };
/** A section's id. */
export type SectionId = string & { readonly [brand]?: 'section' };
/** The id by which items know the group they are in. */
export type GroupId = string & { readonly [brand]?: 'group' };

const LETTERS = 'abcdefghijklmnopqrstuvwxyz0123456789';
const LENGTH = 10;

/**
 * A new id of ten letters and digits (about 52 bits).
 * @param random gives numbers from 0 (included) to 1 (excluded); a seeded one makes repeatable ids.
 */
export function newId(random: () => number = Math.random): string {
  let id = '';
  for (let index = 0; index < LENGTH; index += 1) id += LETTERS[Math.floor(random() * LETTERS.length)];
  return id;
}

/** Whether a value can be an id: 1 to 40 letters, digits, `-` or `_`, and nothing that every object has of its own. */
export function isId(value: unknown): value is string {
  return typeof value === 'string' && /^[\w-]{1,40}$/.test(value) && !(value in Object.prototype);
}
