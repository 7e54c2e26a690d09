/** What a deck has to fit: slides, items and sections are maps of fields by id, and only texts are typed in together. */
import { isId, isTextField } from '@gobrel/core/deck';
import * as Y from 'yjs';
import type { GateRules } from './document-gate.js';
import { isPlain, shapeMisfits } from './shape.js';
import type { Touched } from './touched.js';

/** The largest deck, in bytes of its Yjs state with what was typed and taken back: a deck of 500 slides has about 2 MB. */
const LARGEST_DECK = 32 * 1024 * 1024;

/** The root that holds a deck's own fields; the others hold a map of fields for each id. */
const OWN_FIELDS = 'deck';

/** The rules for one deck. What did not fit before is no reason to refuse anything. */
export class DeckRules implements GateRules {
  readonly roots = [OWN_FIELDS, 'slides', 'items', 'sections'];
  readonly largest = LARGEST_DECK;

  misfits(touched: Touched, after: Y.Doc, before: Y.Doc): readonly string[] {
    const misfits = [...shapeMisfits(touched, after), ...entryMisfits(touched, after)];
    if (misfits.length === 0) return [];
    const known = entryMisfits(touched, before);
    return misfits.filter((misfit) => !known.includes(misfit));
  }
}

function entryMisfits(touched: Touched, doc: Y.Doc): readonly string[] {
  return [...touched].flatMap(([root, names]) =>
    [...names].flatMap((name) => {
      if (name === null) return [];
      const value = doc.getMap(root).get(name);
      if (value === undefined) return [];
      if (root === OWN_FIELDS) return isPlain(value) ? [] : [`${name} is no field of a deck`];
      if (!isId(name)) return [`${root} has no such id`];
      return value instanceof Y.Map ? fieldMisfits(root, name, value) : [`${root} ${name} is no map of fields`];
    }),
  );
}

function fieldMisfits(root: string, id: string, map: Y.Map<unknown>): readonly string[] {
  return [...map.entries()].flatMap(([name, value]) => {
    const fits = root === 'items' && isTextField(name) ? value instanceof Y.XmlFragment : isPlain(value);
    return fits ? [] : [`${root} ${id} has a ${name} that cannot be read`];
  });
}
