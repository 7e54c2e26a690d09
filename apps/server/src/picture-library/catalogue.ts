/**
 * The pictures of the library with their papers. All are drawn by us; their authors are made up, and stand under the open
 * licences in their real variety, so that teachers meet what they will meet outside.
 */
import type { LicenceName } from '@gobrel/core/deck';
import type { PictureKind } from '@gobrel/contract';
import type { LibraryDrawing } from './drawing.js';
import { frames } from './drawings/frames.js';
import { grounds } from './drawings/grounds.js';
import { maps } from './drawings/maps.js';
import { people } from './drawings/people.js';
import { plants } from './drawings/plants.js';
import { school } from './drawings/school.js';
import { shore } from './drawings/shore.js';
import { stamps } from './drawings/stamps.js';

/** A picture with its papers. */
export interface CataloguedPicture extends LibraryDrawing {
  readonly kind: PictureKind;
  readonly author: string;
  readonly licence: LicenceName;
  /** Its width and height, as its drawing has them. */
  readonly width: number;
  readonly height: number;
}

/** A series by one author: under one licence, but for some. */
interface Series {
  readonly drawings: Readonly<Record<string, LibraryDrawing>>;
  readonly kind: PictureKind;
  readonly author: string;
  readonly licence: LicenceName;
  readonly others?: Readonly<Record<string, LicenceName>>;
}

const series: readonly Series[] = [
  { drawings: shore, kind: 'places', author: 'Gobrel', licence: 'cc0-1.0' },
  {
    drawings: people,
    kind: 'people',
    author: 'Ida Quillwort',
    licence: 'cc-by-4.0',
    others: { 'bird warden': 'cc-by-sa-4.0', grandmother: 'cc-by-nc-4.0', grandfather: 'cc-by-nc-4.0' },
  },
  {
    drawings: school,
    kind: 'school',
    author: 'Bram Tern',
    licence: 'cc-by-sa-4.0',
    others: { pencil: 'cc0-1.0', book: 'cc0-1.0', 'wall clock': 'cc-by-3.0', football: 'cc-by-nd-4.0' },
  },
  {
    drawings: grounds,
    kind: 'backgrounds',
    author: 'Noor Saltash',
    licence: 'cc-by-4.0',
    others: { 'squared paper': 'public-domain-1.0', 'lined paper': 'public-domain-1.0', 'deep sea': 'cc-by-nc-4.0' },
  },
  {
    drawings: frames,
    kind: 'frames',
    author: 'Joss Marram',
    licence: 'cc0-1.0',
    others: { 'gold frame': 'cc-by-sa-3.0', 'film frame': 'cc-by-nc-nd-4.0' },
  },
  {
    drawings: maps,
    kind: 'maps',
    author: 'Petra Holm',
    licence: 'cc-by-nc-sa-4.0',
    others: { island: 'cc-by-4.0', bay: 'cc-by-4.0', 'treasure map': 'cc-by-nd-3.0' },
  },
  {
    drawings: plants,
    kind: 'plants',
    author: 'Wilma Sedge',
    licence: 'cc-by-2.0',
    others: { 'apple tree': 'cc0-1.0', apple: 'cc0-1.0', fern: 'cc-by-nc-sa-3.0' },
  },
  {
    drawings: stamps,
    kind: 'animals',
    author: 'Tobias Lugg',
    licence: 'cc-by-nd-4.0',
    others: { owl: 'cc-by-4.0', bee: 'cc0-1.0', whale: 'cc-by-sa-4.0' },
  },
];

/** Animals and plants of the shore are found as such. */
const SHORE_ANIMALS = ['animal', 'bird', 'mammal', 'insect', 'shellfish'];

function kindOf(kind: PictureKind, { tags }: LibraryDrawing): PictureKind {
  if (kind !== 'places') return kind;
  if (tags.some((tag) => SHORE_ANIMALS.includes(tag))) return 'animals';
  return tags.includes('plant') ? 'plants' : 'places';
}

function sizeOf(svg: string): { readonly width: number; readonly height: number } {
  const [, width = '0', height = '0'] = /viewBox="0 0 (\d+) (\d+)"/.exec(svg) ?? [];
  return { width: Number(width), height: Number(height) };
}

/** Every picture by its name. */
export const catalogue: Readonly<Record<string, CataloguedPicture>> = Object.fromEntries(
  series.flatMap(({ drawings, kind, author, licence, others = {} }) =>
    Object.entries(drawings).map(([name, drawing]) => [
      name,
      { ...drawing, kind: kindOf(kind, drawing), author, licence: others[name] ?? licence, ...sizeOf(drawing.svg) },
    ]),
  ),
);
