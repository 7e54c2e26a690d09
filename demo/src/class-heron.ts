/** Class 6 Heron of Marram Bay School: made-up names, as a school writes them. */

/** The students' names, in the order of the register. */
export const heronNames = [
  'Amaro Finch',
  'Bexley Tarn',
  'Cosima Rudd',
  'Dov Kestrel',
  'Elowen Pike',
  'Farid Moss',
  'Greta Shaw',
  'Hollis Burn',
  'Ines Calder',
  'Jory Vane',
  'Kaia Strand',
  'Lunete Orme',
  'Mateus Reeve',
  'Noor Ashby',
  'Odhrán Wick',
  'Perrin Holt',
  'Quilla Dunn',
  'Rasmus Fen',
  'Saoirse Lyle',
  'Tamsin Oriel',
  'Ulises Brand',
  'Vesna Croft',
  'Wilder Nash',
  'Yuki Thorne',
] as const;

/** A stable id for the student at a place in the register. */
export function heronId(index: number): string {
  return `heron-${String(index + 1).padStart(2, '0')}`;
}
