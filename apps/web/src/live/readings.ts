/** How decks, work and lessons are read from their shared documents. */
import type { Deck } from '@gobrel/core/deck';
import {
  deckScope,
  type LessonState,
  readDeckDocument,
  readLessonDocument,
  readWorkDocument,
  refreshDeck,
  workScope,
} from '@gobrel/core/shared-doc';
import type { Work } from '@gobrel/core/work';
import type * as Y from 'yjs';
import type { Reading } from './observed';

export const deckReading: Reading<Deck> = { read: readDeckDocument, scope: deckScope, refresh: refreshDeck };

export const workReading: Reading<Work> = {
  read: readWorkDocument,
  scope: (doc) => [...workScope(doc), doc.getMap('walk') as Y.AbstractType<unknown>],
};

export const lessonReading: Reading<LessonState> = {
  read: readLessonDocument,
  scope: (doc) => [doc.getMap('lesson') as Y.AbstractType<unknown>],
};
