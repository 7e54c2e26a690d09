/** Whether work fits its edition: the server refuses work that does not. */
import { type Deck, type Item, piecesIn, pileCopyId, type SlideId, sizeOf, sourceOfPiece } from '../deck/index.js';
import { MOST_COPIES } from './apply-work.js';
import { fillKindOf, fills } from './fill-kinds.js';
import { WorkSums } from './work-sums.js';
import {
  type Added,
  type Answer,
  type PiecePlace,
  type Stroke,
  type Work,
  workLimits,
  type WorkPart,
  workParts,
} from './work.js';

/** Why a piece of work does not fit, in words for a log; empty when it fits. */
export function validateWork(work: Work, edition: Deck): readonly string[] {
  return [
    ...workParts.flatMap((part) =>
      Object.entries(work[part]).flatMap(([id, entry]) => entryMisfits(part, id, entry, edition)),
    ),
    ...WorkSums.of(work).excess(edition),
    ...walkMisfits(work, edition),
  ];
}

/** Why what is under an id in a part of a work does not fit, in words for a log; empty when it fits. */
export function entryMisfits<P extends WorkPart>(
  part: P,
  id: string,
  entry: Work[P][string],
  edition: Deck,
): readonly string[] {
  return misfitsByPart[part](id, entry, edition);
}

type MisfitsByPart = {
  readonly [P in WorkPart]: (id: string, entry: Work[P][string], edition: Deck) => readonly string[];
};

const misfitsByPart: MisfitsByPart = {
  pieces: pieceMisfit,
  blanks: (id, text, edition) => blankMisfit(id, edition.items[id], text),
  answers: (id, answer, edition) => answerMisfit(id, edition.items[id], answer),
  added: (id, added, edition) => addedMisfit(id, edition.items[added.areaId], added),
  drawn: (id, stroke, edition) => strokeMisfit(id, edition.items[stroke.itemId], stroke),
  sure: (id, _sure, edition) => sureMisfit(id, edition.items[id]),
};

/** Why a walk does not fit, in words for a log; empty when it fits. */
export function walkMisfits({ walk, seen }: Pick<Work, 'walk' | 'seen'>, edition: Deck): readonly string[] {
  return [
    ...(walk.length > workLimits.walk ? [`a walk of more than ${workLimits.walk} slides`] : []),
    ...(seen.length > workLimits.seen ? [`more than ${workLimits.seen} slides seen`] : []),
    ...[...walk, ...seen].flatMap((id: SlideId) =>
      edition.slides[id] ? [] : [`${id} is not a slide of this edition`],
    ),
  ];
}

/** How far a piece may reach over the edge of where it belongs, in slide units: half of it may. */
function pieceMisfit(id: string, place: PiecePlace, edition: Deck): string[] {
  const source = sourceOfPiece(id);
  const piece = piecesIn(edition).get(source);
  if (!piece) return [`${id} is not a loose piece of this edition`];
  const { pile, turns, within } = piece.manner;
  if (pile === 0 && id !== source) return [`${source} is no pile that gives out copies`];
  if (pile !== 0 && id === source) return [`pile ${id} stays where it is`];
  if (pile !== 0 && Number(id.slice(pileCopyId(source, 1).length - 1)) > (pile ?? MOST_COPIES))
    return [`pile ${source} gives out fewer copies`];
  const size = sizeOf(edition);
  const { x, y } = place;
  const { width, height } = piece.frame;
  if (x < -width || y < -height || x > size.width || y > size.height) return [`piece ${id} was put off the slide`];
  if ((place.turn ?? 0) !== 0 && !turns) return [`piece ${id} cannot be turned`];
  const around = within === null ? undefined : edition.items[within]?.frame;
  const middle = { x: x + width / 2, y: y + height / 2 };
  if (
    around &&
    place.zoneId === null &&
    (middle.x < around.x ||
      middle.y < around.y ||
      middle.x > around.x + around.width ||
      middle.y > around.y + around.height)
  )
    return [`piece ${id} was put out of its region`];
  if (place.zoneId === null) return [];
  const zone = edition.items[place.zoneId];
  if (zone?.kind !== 'zone' || zone.slideId !== piece.slideId) return [`piece ${id} is in no zone of its slide`];
  return zone.takes.length > 0 && !zone.takes.includes(source) ? [`zone ${zone.id} does not take piece ${id}`] : [];
}

function blankMisfit(id: string, item: Item | undefined, text: string): string[] {
  if (item?.kind !== 'blank') return [`${id} is not a blank of this edition`];
  if (text.length > workLimits.blank) return [`blank ${id} is longer than ${workLimits.blank} letters`];
  return item.options.length > 0 && text !== '' && !item.options.includes(text)
    ? [`blank ${id} has no such choice`]
    : [];
}

function answerMisfit(id: string, item: Item | undefined, answer: Answer): string[] {
  const misfit = item ? fillKindOf(item)?.answerMisfit(item, answer) : undefined;
  if (misfit === undefined) return [`${id} is not a question that takes such an answer`];
  return misfit === null ? [] : [`question ${id} ${misfit}`];
}

function addedMisfit(id: string, area: Item | undefined, added: Added): string[] {
  if (area?.kind !== 'open-area') return [`added ${added.kind} ${id} is in no open area`];
  const misfit = contentMisfit(id, added);
  if (misfit !== null) return [misfit];
  const { frame } = area;
  const inside =
    added.x >= frame.x &&
    added.y >= frame.y &&
    added.x + added.width <= frame.x + frame.width + 0.5 &&
    added.y + added.height <= frame.y + frame.height + 0.5;
  return inside ? [] : [`added ${added.kind} ${id} reaches out of its open area`];
}

function contentMisfit(id: string, added: Added): string | null {
  switch (added.kind) {
    case 'text':
      return added.text.length > workLimits.added
        ? `added text ${id} is longer than ${workLimits.added} letters`
        : null;
    case 'picture':
      return added.bytes.length > workLimits.picture || /[^A-Za-z0-9+/=]/.test(added.bytes)
        ? `added picture ${id} is too large`
        : null;
    case 'sticker':
      return /^[0-9a-z-]+$/.test(added.sticker) ? null : `added sticker ${id} is none`;
    case 'sign':
      return added.strokes.length > 0 ? null : `added sign ${id} is none`;
  }
}

function strokeMisfit(id: string, item: Item | undefined, { points }: Stroke): string[] {
  if (!fills(item, 'drawn')) return [`stroke ${id} is on nothing that is drawn on`];
  return points.length > workLimits.strokePoints ? [`stroke ${id} has too many points`] : [];
}

function sureMisfit(id: string, item: Item | undefined): string[] {
  return item && 'asksSure' in item && item.asksSure ? [] : [`${id} does not ask how sure somebody is`];
}
