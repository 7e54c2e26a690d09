/** What can be wrong with a document. */

/** Why a document cannot be opened. */
export class DocumentTrouble extends Error {
  constructor(readonly why: 'broken' | 'given-up') {
    super(why);
  }
}
