/** The words of the interface in the reader's language. English is the only one so far. */
import { en } from './en';

export const words = en;
