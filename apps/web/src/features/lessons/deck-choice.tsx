/** The decks of a teacher by their pictures, to choose one; the last one that was worked on comes first. */
import type { DeckSummary } from '@gobrel/contract';
import { folded, searchWords } from '@gobrel/core/search';
import { useQuery } from '@tanstack/react-query';
import { Library } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { decksQuery, messageOf } from '../../shared/api';
import { Cover } from '../../shared/slides';
import { buttonClasses, Empty, Failing, Loading, SearchField } from '../../shared/ui';
import { messages } from '../../shared/messages';

interface DeckChoiceProps {
  readonly onChoose: (deck: DeckSummary) => void;
}

export function DeckChoice({ onChoose }: DeckChoiceProps) {
  const says = messages.lessons;
  const decks = useQuery(decksQuery);
  const [sought, setSought] = useState('');
  const words = searchWords(sought);
  const open = (decks.data ?? [])
    .filter(({ archivedAt }) => archivedAt === null)
    .sort((a, b) => Date.parse(b.updatedAt) - Date.parse(a.updatedAt));
  const found = open.filter(({ title }) => words.every((word) => folded(title).includes(word)));
  if (decks.isPending) return <Loading what={messages.frame.library} />;
  if (decks.isError) return <Failing message={messageOf(decks.error)} onRetry={() => void decks.refetch()} />;
  if (open.length === 0)
    return (
      <Empty icon={Library} title={says.noDecks} text={says.noDecksText}>
        <Link to="/" className={buttonClasses('main')}>
          {messages.elsewhere.home}
        </Link>
      </Empty>
    );
  return (
    <>
      <SearchField label={says.findDeck} value={sought} onChange={setSought} />
      <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(10rem,1fr))] gap-3">
        {found.map((deck) => (
          <li key={deck.id}>
            <button
              type="button"
              className="w-full rounded-md p-1.5 text-start hover:bg-rule/50"
              onClick={() => onChoose(deck)}
            >
              <span className="block overflow-hidden rounded border border-edge">
                <Cover deck={deck.cover} />
              </span>
              <span className="mt-1 line-clamp-2 font-semibold">{deck.title}</span>
            </button>
          </li>
        ))}
      </ul>
      {found.length === 0 ? <p className="py-6 text-center text-soft">{says.noDeckFound}</p> : null}
    </>
  );
}
