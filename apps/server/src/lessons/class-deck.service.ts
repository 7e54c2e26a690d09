/** Everybody's pages of a lesson kept in the library as one deck: drawings and added pictures become stored pictures. */
import type { DeckSummary } from '@gobrel/contract';
import { type Deck, GROUND_WIDTH, type Item } from '@gobrel/core/deck';
import { strokesIn } from '@gobrel/core/questions';
import { type KeptWork, keptClassDeck, type NameForm, shownName } from '@gobrel/core/review';
import type { Work } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { LibraryService } from '../decks/index.js';
import { PicturesService } from '../pictures/index.js';
import { EditionsService } from '../sync/index.js';
import { KeptPagesService } from './kept-pages.service.js';
import { LessonsService } from './lessons.service.js';

@Injectable()
export class ClassDeckService {
  constructor(
    private readonly lessons: LessonsService,
    private readonly editions: EditionsService,
    private readonly pictures: PicturesService,
    private readonly library: LibraryService,
    private readonly keptPages: KeptPagesService,
  ) {}

  /** Keeps everybody's pages, in the order of the board, as a new deck of the teacher. */
  async keep(teacherId: string, lessonId: string, names: NameForm = 'shown'): Promise<DeckSummary> {
    const { deck, pages } = await this.make(teacherId, lessonId, names);
    const summary = await this.library.keep(teacherId, deck);
    await this.keptPages.note(summary.id, pages);
    return summary;
  }

  /** Everybody's pages as a deck, and which of them are whose. */
  async make(
    teacherId: string,
    lessonId: string,
    names: NameForm,
  ): Promise<{ deck: Deck; pages: [participantId: string, slideIds: readonly string[]][] }> {
    const row = await this.lessons.led(teacherId, lessonId);
    const [{ participants, className }, works, edition] = await Promise.all([
      this.lessons.get(teacherId, lessonId),
      this.lessons.works(lessonId),
      this.editions.get(row.editionHash),
    ]);
    const kept: (KeptWork & { readonly participantId: string })[] = [];
    for (const { participantId, name } of participants) {
      const work = works.find((each) => each.participantId === participantId)?.work;
      if (work && participantId !== null)
        kept.push({
          participantId,
          name: shownName(name, names, kept.length + 1),
          work,
          pictures: await this.picturesIn(teacherId, edition, work),
        });
    }
    const title = [edition.title, className].filter(Boolean).join(', ');
    const { deck, pages } = keptClassDeck(edition, { mode: row.workMode, works: kept, title });
    return { deck, pages: kept.map(({ participantId }, at) => [participantId, pages[at] ?? []]) };
  }

  /** Stores what was added and drawn; a picture that cannot be read is left out. */
  private async picturesIn(teacherId: string, edition: Deck, work: Work): Promise<KeptWork['pictures']> {
    const added = Object.entries(work.added).flatMap(([id, each]) =>
      each.kind === 'picture' ? [[id, Buffer.from(each.bytes, 'base64')] as const] : [],
    );
    const drawn = Object.values(edition.items).flatMap((item) => {
      const drawing = item.kind === 'open-area' || item.kind === 'draw' ? drawingOf(item, work) : null;
      return drawing === null ? [] : [[item.id, Buffer.from(drawing)] as const];
    });
    const stored: Record<string, KeptWork['pictures'][string]> = {};
    for (const [id, bytes] of [...added, ...drawn]) {
      const picture = await this.pictures.keep(bytes, teacherId).catch(() => null);
      if (picture) stored[id] = { id: picture.id, width: picture.width, height: picture.height };
    }
    return stored;
  }
}

/** What was drawn on an item as SVG, without a ground; `null` when nothing was. */
function drawingOf(item: Item, work: Work): string | null {
  const strokes = strokesIn(item, work);
  if (strokes.length === 0) return null;
  const height = Math.round((GROUND_WIDTH * item.frame.height) / item.frame.width);
  const paths = strokes.map(({ points, color, width, tool }) => {
    const course = points.map((value, at) => `${at === 0 ? 'M' : at === 2 ? 'L' : ' '}${value}`).join(' ');
    const look = `stroke="${color}" stroke-width="${width}" opacity="${tool === 'highlighter' ? 0.4 : 1}"`;
    return `<path d="${course}" fill="none" stroke-linecap="round" stroke-linejoin="round" ${look}/>`;
  });
  const size = `width="${GROUND_WIDTH}" height="${height}" viewBox="0 0 ${GROUND_WIDTH} ${height}"`;
  return `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${paths.join('')}</svg>`;
}
