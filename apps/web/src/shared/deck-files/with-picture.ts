/** Pictures of questions that came out of a file. */
import type { QuestionDraft } from '@gobrel/core/formats';
import { storePicture } from '../contents';

/** A question with its picture stored here. */
export async function withPicture(draft: QuestionDraft, bytes: Uint8Array | null): Promise<QuestionDraft> {
  if (!bytes || (draft.kind !== 'point' && draft.kind !== 'draw')) return draft;
  const stored = await storePicture(new File([bytes.slice()], draft.name));
  if (!stored) return draft;
  const shown = { picture: stored.id, pixels: { width: stored.width, height: stored.height } };
  return draft.kind === 'point'
    ? { ...draft, fields: { ...draft.fields, ...shown } }
    : { ...draft, fields: { ...draft.fields, ...shown } };
}
