/** Hands that fill in: turn what somebody does on a slide into changes of their work. */
import { type Deck, newId } from '@gobrel/core/deck';
import { restingPlace } from '@gobrel/core/geometry';
import { addedOn, dropPiece, putIntoZone, type Work, type WorkChange } from '@gobrel/core/work';
import type { FillIn } from '@gobrel/slide-view';
import { tell } from '../ui';

/** Size of a text that somebody adds, in slide units; a smaller area gives less. */
const ADDED = { width: 400, height: 110 };

interface Desk {
  readonly edition: Deck;
  readonly work: Work;
  readonly locked: boolean;
  readonly say: (words: string) => void;
  /** Takes changes; not called while locked. */
  readonly write: (changes: readonly WorkChange[]) => void;
}

/** Hands over the given work. */
export function fillInBy({ edition, work, locked, say, write }: Desk): FillIn {
  const put = (...changes: WorkChange[]) => {
    if (!locked) write(changes);
  };
  return {
    work,
    locked,
    say,
    warn: (words) => tell(words, { tone: 'trouble' }),
    setBlank: (id, value) => put({ part: 'blanks', id, value }),
    setAnswer: (id, value) => put({ part: 'answers', id, value }),
    addText: (areaId) => {
      const area = edition.items[areaId];
      if (!area) return;
      const size = {
        width: Math.min(ADDED.width, area.frame.width - 16),
        height: Math.min(ADDED.height, area.frame.height - 16),
      };
      const place = restingPlace(size, area.frame, addedOn(edition, work, area.slideId));
      put({ part: 'added', id: newId(), value: { areaId, ...place, ...size, text: '' } });
    },
    setAddedText: (id, text) => {
      const added = work.added[id];
      if (added) put({ part: 'added', id, value: { ...added, text } });
    },
    removeAddedText: (id) => put({ part: 'added', id, value: null }),
    dropPiece: (id, at) => {
      const value = dropPiece(edition, work, id, at);
      if (value) put({ part: 'pieces', id, value });
    },
    putIntoZone: (id, zoneId) => {
      const value = putIntoZone(edition, work, id, zoneId);
      if (value) put({ part: 'pieces', id, value });
    },
  };
}
