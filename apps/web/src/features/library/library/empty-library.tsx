/** A library without decks: six templates as pictures, a story, files, and a deck to look around in. */
import { slidesInOrder } from '@gobrel/core/deck';
import { BookOpen, FileInput, ScrollText } from 'lucide-react';
import { Thumbnail } from '../../../shared/slides';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useShippedDecks } from '../templates';
import type { Library } from './use-library';

/** How many templates are shown, and how wide, in CSS pixels. */
const SHOWN = { count: 6, width: 256 };

export function EmptyLibrary({ create, onImport }: { create: Library['create']; onImport: () => void }) {
  const says = messages.library;
  const decks = useShippedDecks();
  return (
    <div className="max-w-4xl">
      <h2 className="text-xl">{says.empty}</h2>
      <p className="mt-1 text-soft">{says.emptyText}</p>
      <div className="my-4 flex flex-wrap gap-2">
        <Button disabled={create.isPending} onClick={() => create.mutate({ size: '16:9', see: 'plan' })}>
          <ScrollText size={18} aria-hidden /> {says.planStory}
        </Button>
        <Button disabled={create.isPending} onClick={onImport}>
          <FileInput size={18} aria-hidden /> {says.import.open}
        </Button>
        <Button disabled={create.isPending} onClick={() => create.mutate('sample')}>
          <BookOpen size={18} aria-hidden /> {says.demoDeck}
        </Button>
      </div>
      <h3 className="mb-2 text-lg">{says.startWith}</h3>
      <ul className="grid grid-cols-[repeat(auto-fill,16.2rem)] gap-5">
        {decks.slice(0, SHOWN.count).map(({ id, name, deck }) => (
          <li key={id}>
            <button
              type="button"
              disabled={create.isPending}
              className="block w-full text-start hover:underline"
              onClick={() => create.mutate({ title: name, deck })}
            >
              <Thumbnail deck={deck} slideId={slidesInOrder(deck)[0]?.id ?? ''} width={SHOWN.width} />
              <strong className="mt-1 block">{name}</strong>
              <span className="block text-sm text-soft">{says.slides({ count: slidesInOrder(deck).length })}</span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
