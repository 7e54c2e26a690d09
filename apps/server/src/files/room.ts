/** How much may be stored, by settings of the server. */

const MEGABYTE = 1_000_000;

/** The most that may be stored, in bytes. */
export interface MostStored {
  /** By one teacher in all. */
  readonly byTeacher: number;
  /** In one file. */
  readonly inFile: number;
}

/** The token by which services ask for it. */
export const MOST_STORED = Symbol('the most that may be stored');

type Settings = Readonly<Partial<Record<'GOBREL_LARGEST_FILE_MB' | 'GOBREL_ROOM_MB', string>>>;

/** What the settings say: 300 MB a file and 5,000 MB a teacher otherwise. @throws when they are no numbers */
export function mostStoredFrom({ GOBREL_LARGEST_FILE_MB = '300', GOBREL_ROOM_MB = '5000' }: Settings): MostStored {
  const [inFile, byTeacher] = [GOBREL_LARGEST_FILE_MB, GOBREL_ROOM_MB].map(Number);
  if (!inFile || !byTeacher || !(inFile > 0) || !(byTeacher >= inFile))
    throw new Error(
      'GOBREL_LARGEST_FILE_MB and GOBREL_ROOM_MB have to be numbers of megabytes, the second not less than the first; ' +
        `they are “${GOBREL_LARGEST_FILE_MB}” and “${GOBREL_ROOM_MB}”.`,
    );
  return { inFile: inFile * MEGABYTE, byTeacher: byTeacher * MEGABYTE };
}

/** Bytes as megabytes for people. */
export function inMegabytes(bytes: number): number {
  return Math.round(bytes / MEGABYTE);
}
