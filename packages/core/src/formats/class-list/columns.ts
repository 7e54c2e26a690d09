/** What stands in the columns of a class list: by its headings, in the languages of many schools, or by what is there. */
import type { ListedStudent } from './listed-student.js';

/** What the second column of a list without headings is. */
export type SecondColumn = 'group' | 'first-name';

/** How a row is read. */
type Columns = (cells: readonly string[]) => ListedStudent;

/** Headings in English, German, French, Spanish, Italian, Dutch, Portuguese, Polish, Czech, Hungarian, Turkish, Nordic. */
const headings = {
  first:
    /^((first|given|fore|christian)[ _-]?names?|first|vornamen?|rufname|pr[ée]noms?|nombres?|nome|voornaam|nome pr[óo]prio|imi[ęe]|jm[ée]no|keresztn[ée]v|ut[óo]n[ée]v|ad[ıi]?|f[öo]rnamn|fornavn|etunimi)$/i,
  family:
    /^((family|last|sur|second)[ _-]?names?|surname|last|(nach|familien|zu)namen?|nom( de famille)?|apellidos?|cognome|achternaam|familienaam|sobrenome|apelidos?|nazwisko|p[řr][íi]jmen[íi]|vezet[ée]kn[ée]v|csal[áa]dn[ée]v|soyad[ıi]?|efternamn|etternavn|efternavn|sukunimi)$/i,
  whole: /^(names?|students?|pupils?|full[ _-]?names?|sch[üu]ler(in|innen)?|[ée]l[èe]ves?|alumn[oa]s?|leerlingen?)$/i,
  group: /^(groups?|teams?|tables?|sets?|gruppen?|groupes?|grupos?|grupp[oi]|groep|grupa|skupina|csoport|grup)$/i,
} as const;

/** How rows are read under a row of headings; `null` when it is none. */
export function columnsByHeadings(titles: readonly string[]): Columns | null {
  const at = (heading: RegExp) => titles.findIndex((title) => heading.test(title));
  const [first, surname, whole, group] = [
    at(headings.first),
    at(headings.family),
    at(headings.whole),
    at(headings.group),
  ];
  if (first < 0 && surname < 0 && whole < 0) return null;
  // A single word alone may be somebody's name: a heading has another one beside it, or says what it is.
  if (titles.length === 1 && whole < 0) return null;
  // *Name* beside a first name is the family's.
  const family = surname < 0 && first >= 0 ? whole : surname;
  const cell = (row: readonly string[], place: number) => (place < 0 ? '' : (row[place] ?? ''));
  return (row) => ({
    name: [cell(row, first), cell(row, family)].filter(Boolean).join(' ') || cell(row, whole),
    group: cell(row, group),
  });
}

/** How rows without headings are read. */
export function plainColumns(second: SecondColumn | null): Columns {
  if (second === 'first-name')
    return ([family = '', first = '', group = '']) => ({ name: [first, family].filter(Boolean).join(' '), group });
  return ([name = '', group = '']) => ({ name, group });
}

/** Whether the first column only numbers the rows. */
export function isNumbering(rows: readonly (readonly string[])[]): boolean {
  return rows.length > 1 && rows.every((cells) => cells.length > 1 && /^\d+[.)]?$/.test(cells[0] ?? ''));
}

/** Lists of fewer pairs say little by what repeats in them. */
const FEW = 4;
/** From this share of different entries on, a column holds names: groups repeat. */
const MOSTLY_DIFFERENT = 0.8;

/** What the second column seems to be; `null` where there is none. */
export function secondColumnOf(rows: readonly (readonly string[])[]): SecondColumn | null {
  const pairs = rows.flatMap(([one, other]) => (one && other ? [[one, other] as const] : []));
  if (pairs.length === 0) return null;
  const seconds = pairs.map(([, other]) => other);
  if (seconds.every((entry) => /\d/.test(entry) || entry.length === 1)) return 'group';
  const different = new Set(seconds.map((entry) => entry.toLowerCase())).size / pairs.length;
  if (pairs.length >= FEW) return different >= MOSTLY_DIFFERENT ? 'first-name' : 'group';
  // "Müller, Tom" has one word before the comma; "Amaro Finch, Terns" has a whole name there.
  return pairs.every(([one]) => !one.includes(' ')) && different === 1 ? 'first-name' : 'group';
}
