/** Where a student is in their slides, what they point at, and whether their device is connected. */
import { readFields } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import type { Stop } from '@gobrel/core/show';
import { useSyncExternalStore } from 'react';
import type { OpenDocument } from './open-document';

/** A part of a slide that is looked at more closely. */
export interface Zoom {
  /** Around where, in shares of what is seen. */
  readonly x: number;
  readonly y: number;
  /** How much larger than the whole. */
  readonly times: number;
}

/** What a student's device announces beside their work. */
export interface StudentPlace {
  readonly stop: Stop;
  /** Whose device it is: in a group several work in one copy. */
  readonly name: string;
  /** Where they point, in slide units; `null` while they do not. */
  readonly pointer: Point | null;
  /** `null` while they look at the whole. */
  readonly zoom: Zoom | null;
}

/** What a student's device says, as far as it can be read; `stop` is to be read with `readStop`. */
interface ToldPlace extends Pick<StudentPlace, 'name' | 'pointer' | 'zoom'> {
  readonly stop: unknown;
}

/** Where a student's device says it is; `null` while none is connected. */
export function useStudentPlace(document: OpenDocument | null): ToldPlace | null {
  return useSyncExternalStore(
    (listener) => {
      document?.awareness.on('change', listener);
      return () => document?.awareness.off('change', listener);
    },
    () => (document ? placeToldIn(document) : null),
  );
}

/** Read once for as long as a device says the same. */
const read = new WeakMap<object, ToldPlace>();

/** What `useStudentPlace` gives, at this moment. */
export function placeToldIn(document: OpenDocument): ToldPlace | null {
  for (const state of document.awareness.getStates().values()) {
    const told = readPlace(state);
    if (told) return told;
  }
  return null;
}

/** Everybody whose device is in a piece of work, but for this one. */
export function othersIn(document: OpenDocument): readonly (ToldPlace & { readonly client: number })[] {
  return [...document.awareness.getStates()].flatMap(([client, state]) => {
    const told = client === document.doc.clientID ? null : readPlace(state);
    return told ? [{ client, ...told }] : [];
  });
}

function readPlace(state: object): ToldPlace | null {
  const known = read.get(state);
  if (known) return known;
  const { stop, name, pointer, zoom } = readFields(state) ?? {};
  if (stop === undefined) return null;
  const told = {
    stop,
    name: typeof name === 'string' ? name : '',
    pointer: readPoint(pointer),
    zoom: readZoom(zoom),
  };
  read.set(state, told);
  return told;
}

function readPoint(value: unknown): Point | null {
  const fields = readFields(value);
  return typeof fields?.['x'] === 'number' && typeof fields['y'] === 'number'
    ? { x: fields['x'], y: fields['y'] }
    : null;
}

function readZoom(value: unknown): Zoom | null {
  const times = readFields(value)?.['times'];
  const point = readPoint(value);
  return point && typeof times === 'number' ? { ...point, times: Math.min(6, Math.max(1, times)) } : null;
}
