/** The names of shared documents: `deck:<id>`, `lesson:<id>`, `work:<lesson>:<participant>`. */

/** What a shared document is of. */
export type DocumentName =
  | { readonly kind: 'deck'; readonly deckId: string }
  | { readonly kind: 'lesson'; readonly lessonId: string }
  | { readonly kind: 'work'; readonly lessonId: string; readonly participantId: string };

const ID = /^[\w-]{1,40}$/;

/** The name as it is sent and stored. */
export function formatDocumentName(name: DocumentName): string {
  switch (name.kind) {
    case 'deck':
      return `deck:${name.deckId}`;
    case 'lesson':
      return `lesson:${name.lessonId}`;
    case 'work':
      return `work:${name.lessonId}:${name.participantId}`;
  }
}

/** A name read from what a client sent, or `null`. */
export function parseDocumentName(text: string): DocumentName | null {
  const [kind, first = '', second = '', ...rest] = text.split(':');
  if (!ID.test(first) || rest.length > 0) return null;
  if (kind === 'deck' && second === '') return { kind, deckId: first };
  if (kind === 'lesson' && second === '') return { kind, lessonId: first };
  if (kind === 'work' && ID.test(second)) return { kind, lessonId: first, participantId: second };
  return null;
}
