/** Whether work fits its edition: the server refuses work that does not. */
import { type Deck, type Item, sizeOf } from '../deck/index.js';
import { type AddedText, type Answer, type PiecePlace, type Work, workLimits } from './work.js';

/** Why a piece of work does not fit, in words for a log; empty when it fits. */
export function misfitsOf(work: Work, edition: Deck): readonly string[] {
  const item = (id: string) => edition.items[id];
  return [
    ...Object.entries(work.pieces).flatMap(([id, place]) => pieceMisfit(id, item(id), place, edition)),
    ...Object.entries(work.blanks).flatMap(([id, text]) => {
      if (item(id)?.kind !== 'blank') return [`${id} is not a blank of this edition`];
      return text.length > workLimits.blank ? [`blank ${id} is longer than ${workLimits.blank} letters`] : [];
    }),
    ...Object.entries(work.answers).flatMap(([id, answer]) => answerMisfit(id, item(id), answer)),
    ...Object.entries(work.added).flatMap(([id, added]) => addedMisfit(id, item(added.areaId), added)),
    ...(Object.keys(work.added).length > workLimits.addedTexts
      ? [`more than ${workLimits.addedTexts} added texts`]
      : []),
    ...(work.way.length > workLimits.way ? [`a way of more than ${workLimits.way} slides`] : []),
    ...(work.seen.length > workLimits.seen ? [`more than ${workLimits.seen} slides seen`] : []),
    ...[...work.way, ...work.seen].flatMap((id) =>
      edition.slides[id] ? [] : [`${id} is not a slide of this edition`],
    ),
  ];
}

function pieceMisfit(id: string, item: Item | undefined, place: PiecePlace, edition: Deck): string[] {
  if (!item?.loose) return [`${id} is not a loose piece of this edition`];
  const size = sizeOf(edition);
  const { x, y } = place;
  if (x < -item.frame.width || y < -item.frame.height || x > size.width || y > size.height) {
    return [`piece ${id} was put off the slide`];
  }
  if (place.zoneId === null) return [];
  const zone = edition.items[place.zoneId];
  return zone?.kind === 'zone' && zone.slideId === item.slideId ? [] : [`piece ${id} is in no zone of its slide`];
}

function answerMisfit(id: string, item: Item | undefined, answer: Answer): string[] {
  if (item?.kind === 'choice' && answer.kind === 'choice') {
    const unknown = answer.picked.find((picked) => !item.choices.some((choice) => choice.id === picked));
    if (unknown !== undefined) return [`question ${id} has no choice ${unknown}`];
    return answer.picked.length > 1 && !item.several ? [`question ${id} takes one choice`] : [];
  }
  if (item?.kind === 'short-text' && answer.kind === 'words') {
    return answer.text.length > workLimits.words ? [`the answer to ${id} is too long`] : [];
  }
  return [`${id} is not a question that takes such an answer`];
}

function addedMisfit(id: string, area: Item | undefined, added: AddedText): string[] {
  if (area?.kind !== 'open-area') return [`added text ${id} is in no open area`];
  if (added.text.length > workLimits.added) return [`added text ${id} is longer than ${workLimits.added} letters`];
  const { frame } = area;
  const inside =
    added.x >= frame.x &&
    added.y >= frame.y &&
    added.x + added.width <= frame.x + frame.width + 0.5 &&
    added.y + added.height <= frame.y + frame.height + 0.5;
  return inside ? [] : [`added text ${id} reaches out of its open area`];
}
