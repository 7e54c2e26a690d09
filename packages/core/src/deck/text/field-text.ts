/** The fields of items that hold texts people type in. */
import type { RichText } from './rich-text.js';
import { type CellField, isCellField } from '../tables/table-fields.js';

/** The field of an item that holds a text. */
export type TextField = 'text' | CellField;

/** A text of an item. */
export interface FieldText {
  readonly field: TextField;
  readonly text: RichText;
}

/** Whether a field of an item holds a text that people type in. */
export function isTextField(name: string): name is TextField {
  return name === 'text' || isCellField(name);
}
