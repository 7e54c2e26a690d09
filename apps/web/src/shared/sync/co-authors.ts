/** Who else has a deck open: on which slide they are, what they have selected, where their pointer is. */
import { isId, readFields, readNumber, readString, readStrings } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { useEffect, useState } from 'react';
import type { OpenDocument } from './open-document';

/** What an author's screen announces to the others. */
export interface AuthorPlace {
  readonly name: string;
  /** The slide they are on. */
  readonly at: string;
  /** The items they have selected. */
  readonly selected: readonly string[];
  /** Their pointer on the slide, in slide units; `null` while it is elsewhere. */
  readonly pointer: Point | null;
}

/** Another author, or the same one on another device. */
export interface CoAuthor extends AuthorPlace {
  /** Tells two devices of one person apart. */
  readonly client: number;
}

/** The other authors of an open deck, as they come and go. */
export function useCoAuthors(document: OpenDocument | null): readonly CoAuthor[] {
  const [others, setOthers] = useState<readonly CoAuthor[]>([]);
  useEffect(() => {
    if (!document) return;
    // Who is there is known outside of React.
    const look = () => {
      const states = [...document.awareness.getStates()].filter(([client]) => client !== document.doc.clientID);
      const present = states.flatMap(([client, state]) => readCoAuthor(client, state) ?? []);
      setOthers((before) => (JSON.stringify(before) === JSON.stringify(present) ? before : present));
    };
    look();
    document.awareness.on('change', look);
    return () => document.awareness.off('change', look);
  }, [document]);
  return others;
}

/** A co-author from what their screen announced; `null` when it cannot be read. */
export function readCoAuthor(client: number, state: unknown): CoAuthor | null {
  const fields = readFields(state);
  const pointer = readFields(fields?.['pointer']);
  if (!fields || !isId(fields['at'])) return null;
  return {
    client,
    name: readString(fields['name'], '', 80),
    at: fields['at'],
    selected: readStrings(fields['selected'], 40, 500),
    pointer: pointer ? { x: readNumber(pointer['x'], 0), y: readNumber(pointer['y'], 0) } : null,
  };
}
