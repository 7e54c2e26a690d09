/** Words on the slides themselves, for whoever fills them in. */

export const onSlides = {
  hotspot: 'Link',
  blank: 'Blank',
  yourAnswer: 'Your answer',
  pickOne: 'pick one',
  pickSeveral: 'pick all that fit',
  addText: 'Press here to add a text',
  yourText: 'Your text',
  removeText: 'Remove this text',
  tooLong: (most: number) => `This takes up to ${most.toLocaleString('en')} letters. Shorten it; nothing was lost.`,
  piece: (name: string, zone: string | null) => (zone === null ? `${name}, not in a zone` : `${name}, in ${zone}`),
  pieceHelp: 'piece: press Enter to pick it up',
  pickedUp: (name: string, zone: string) =>
    `${name} picked up, over ${zone}. Arrows choose a zone, Enter puts it down, Escape puts it back.`,
  overZone: (zone: string) => `over ${zone}`,
  putInto: (name: string, zone: string) => `${name} is in ${zone}.`,
  putBack: (name: string) => `${name} is back where it was.`,
  noZones: 'There is no zone on this slide.',
  unnamedZone: (place: number) => `zone ${place}`,
  unnamedPiece: 'piece',
  points: (points: number, outOf: number) => `${points}/${outOf}`,
  verdicts: { right: 'right', partly: 'partly right', wrong: 'wrong', empty: 'empty' },
} as const;
