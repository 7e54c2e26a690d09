/** How decks, work and lessons are read from their shared documents. */
import type { Deck } from '@gobrel/core/deck';
import type { LessonState } from '@gobrel/core/lesson';
import { deckScope, followDeck, readLessonDocument, readWorkDocument, workScope } from '@gobrel/core/shared-doc';
import type { Work } from '@gobrel/core/work';
import * as Y from 'yjs';
import { followWhole, type Reading } from './observed';

export const deckReading: Reading<Deck> = {
  follow: followDeck,
  scope: deckScope,
  // What is typed is seen where it is typed; what stands around it may follow.
  canWait: (events) =>
    events.every(
      ({ target, transaction }) =>
        (target instanceof Y.XmlFragment || target instanceof Y.XmlText) &&
        !(transaction.origin instanceof Y.UndoManager),
    ),
};

export const workReading: Reading<Work> = {
  follow: followWhole(readWorkDocument),
  scope: (doc) => [...workScope(doc), doc.getMap('walk')],
};

export const lessonReading: Reading<LessonState> = {
  follow: followWhole(readLessonDocument),
  scope: (doc) => [doc.getMap('lesson')],
};
