/** Everybody's work in a lesson, live, for views over the whole class. */
import type { LessonView, ParticipantView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { formatDocumentName, readWorkDocument } from '@gobrel/core/shared-doc';
import { readStop, stopsOf } from '@gobrel/core/show';
import { emptyWork, type Work } from '@gobrel/core/work';
import { useEffect, useMemo, useState } from 'react';
import { type OpenDocument, openDocument, placeToldIn, releaseDocument } from '../sync';
import type { WorkOf } from './use-work-of';

/** Somebody of the class with what they do. */
export interface Watched extends WorkOf {
  readonly participant: ParticipantView;
  /** Whether their work is here: until then it looks as if they had done nothing. */
  readonly isKnown: boolean;
  /** Whether a device of theirs was connected while this screen looked on. */
  readonly wasHere: boolean;
  /** When they last did something while this screen looked on, or stored work; milliseconds by this device's clock. */
  readonly activeAt: number | null;
  /** Since when they are on their slide while this screen looks on. */
  readonly onSlideSince: number | null;
}

/** How long changes are gathered before views are drawn again, in milliseconds. */
const GATHER = 200;

/** One participant's document, read again only after it changed. */
class WorkWatch {
  private work: Work | null = null;
  private slideId: string | null = null;
  private last: Watched | null = null;
  private activeAt: number | null = null;
  private onSlideSince: number | null = null;
  private isSettled = false;
  private wasHere = false;
  private isKnown = false;
  private readonly document: OpenDocument;
  private readonly stopStatus: () => void;

  constructor(
    private readonly name: string,
    private readonly onNews: () => void,
  ) {
    this.document = openDocument(name, 'teacher');
    this.document.doc.on('update', this.noteWork);
    this.document.awareness.on('change', this.notePlace);
    this.isKnown = isHereToRead(this.document);
    this.stopStatus = this.document.subscribe(this.noteStatus);
  }

  /** What is known by now; the same value while nothing changed. */
  look(edition: Deck, participant: ParticipantView): Watched {
    this.work ??= readWorkDocument(this.document.doc);
    const told = placeToldIn(this.document);
    const last = this.work.walk.at(-1);
    const known = last !== undefined && edition.slides[last] ? stopsOf(edition, last)[0] : null;
    const stop = readStop(edition, told?.stop) ?? known;
    if (stop && stop.slideId !== this.slideId) {
      this.onSlideSince = this.slideId === null ? null : Date.now();
      this.slideId = stop.slideId;
    }
    this.wasHere ||= told !== null;
    const stored = participant.changedAt === null ? null : Date.parse(participant.changedAt);
    const next = {
      participant,
      work: this.work,
      isKnown: this.isKnown,
      stop,
      isHere: told !== null,
      wasHere: this.wasHere,
      activeAt: this.activeAt ?? stored,
      onSlideSince: this.onSlideSince ?? stored,
    };
    if (!this.last || !isSame(this.last, next)) this.last = next;
    return this.last;
  }

  close(): void {
    this.document.doc.off('update', this.noteWork);
    this.document.awareness.off('change', this.notePlace);
    this.stopStatus();
    releaseDocument(this.name, 'teacher');
  }

  private readonly noteWork = (): void => {
    this.work = null;
    if (this.document.getStatus().ready) this.activeAt = Date.now();
    this.onNews();
  };

  private readonly noteStatus = (): void => {
    const isKnown = isHereToRead(this.document);
    if (isKnown === this.isKnown) return;
    this.isKnown = isKnown;
    this.onNews();
  };

  private readonly notePlace = (): void => {
    // Whoever was there when this screen came is not active for that; whoever comes or goes somewhere is.
    if (this.isSettled) this.activeAt = Date.now();
    this.isSettled = this.document.getStatus().ready;
    this.onNews();
  };
}

/** Whether a document was read, or never will be. */
function isHereToRead(document: OpenDocument): boolean {
  const { ready, kept } = document.getStatus();
  return ready || kept === 'forbidden' || kept === 'refused' || kept === 'outdated';
}

function isSame(a: Watched, b: Watched): boolean {
  return (
    a.participant === b.participant &&
    a.work === b.work &&
    a.isKnown === b.isKnown &&
    a.isHere === b.isHere &&
    a.wasHere === b.wasHere &&
    a.activeAt === b.activeAt &&
    a.onSlideSince === b.onSlideSince &&
    JSON.stringify(a.stop) === JSON.stringify(b.stop)
  );
}

/** Everybody in the order of the lesson; somebody who has not joined has done nothing. */
export function useEverybody(lesson: LessonView, edition: Deck): readonly Watched[] {
  const [watches, setWatches] = useState<{ readonly of: ReadonlyMap<string, WorkWatch> }>(noWatches);
  const ids = lesson.participants.flatMap(({ participantId }) => participantId ?? []);
  const key = [...ids].sort().join(' ');
  const { id: lessonId } = lesson;
  useEffect(() => {
    // Connections are outside React: one a participant, opened when they join.
    let timer: ReturnType<typeof setTimeout> | null = null;
    const of = new Map<string, WorkWatch>();
    const gather = () => {
      timer ??= setTimeout(() => {
        timer = null;
        setWatches({ of });
      }, GATHER);
    };
    for (const participantId of key === '' ? [] : key.split(' '))
      of.set(participantId, new WorkWatch(formatDocumentName({ kind: 'work', lessonId, participantId }), gather));
    gather();
    return () => {
      if (timer) clearTimeout(timer);
      for (const watch of of.values()) watch.close();
    };
  }, [lessonId, key]);
  return useMemo(
    () =>
      lesson.participants.map((participant): Watched => {
        const watch = participant.participantId === null ? undefined : watches.of.get(participant.participantId);
        return watch?.look(edition, participant) ?? { participant, ...nothingDone };
      }),
    [lesson.participants, edition, watches],
  );
}

/** A new value whenever something is to be looked at again. */
const noWatches = { of: new Map<string, WorkWatch>() };
const nothingDone = {
  work: emptyWork,
  isKnown: false,
  stop: null,
  isHere: false,
  wasHere: false,
  activeAt: null,
  onSlideSince: null,
} as const;
