/** Leads a link into another deck: to its start, one of its slides, or a viewpoint there. */
import type { InDeck } from '@gobrel/core/deck';
import { slidesInOrder, viewpointsOn } from '@gobrel/core/deck';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useParams } from 'react-router';
import { deckReading, useDocument, useObserved } from '../../../shared/sync';
import { decksQuery } from '../../../shared/api';
import { Button } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';
import { SelectField, SlideOptions } from './select-field';

interface DeckFieldsProps {
  readonly present: InDeck | null;
  readonly onPick: (place: InDeck) => void;
}

export function DeckFields({ present, onPick }: DeckFieldsProps) {
  const { deckId: own } = useParams();
  const decks = (useQuery(decksQuery).data ?? []).filter((deck) => deck.id !== own);
  const [draft, setDraft] = useState<InDeck | null>(present);
  if (decks.length === 0) return <p className="text-soft">{messages.links.noDecks}</p>;
  const choose = (deckId: string) => {
    const title = decks.find((deck) => deck.id === deckId)?.title ?? '';
    setDraft(deckId === '' ? null : { to: 'deck', deckId, title, slideId: null, itemId: null });
  };
  return (
    <div className="flex flex-col gap-3">
      <SelectField label={messages.links.decks} value={draft?.deckId ?? ''} onChange={choose}>
        <option value="">{messages.links.nowhere}</option>
        {draft && !decks.some((deck) => deck.id === draft.deckId) ? (
          <option value={draft.deckId}>{draft.title}</option>
        ) : null}
        <SlideOptions names={decks.map(({ id, title }) => [id, title])} />
      </SelectField>
      {draft ? <PlaceInDeck key={draft.deckId} draft={draft} onChange={setDraft} /> : null}
      <Button look="main" className="self-end" disabled={!draft} onClick={() => draft && onPick(draft)}>
        {messages.links.useDeck}
      </Button>
    </div>
  );
}

function PlaceInDeck({ draft, onChange }: { draft: InDeck; onChange: (place: InDeck) => void }) {
  const document = useDocument(`deck:${draft.deckId}`, 'teacher');
  const deck = useObserved(document, deckReading);
  const viewpoints = deck && draft.slideId !== null ? viewpointsOn(deck, draft.slideId) : [];
  return (
    <div className="flex flex-wrap gap-3">
      <SelectField
        label={messages.links.slideOfDeck}
        value={draft.slideId ?? ''}
        onChange={(slideId) => onChange({ ...draft, slideId: slideId === '' ? null : slideId, itemId: null })}
      >
        <option value="">{messages.links.anySlide}</option>
        {deck ? <SlideOptions names={slidesInOrder(deck).map(({ id }) => [id, slideName(deck, id)])} /> : null}
      </SelectField>
      {viewpoints.length > 0 ? (
        <SelectField
          label={messages.links.itemOfDeck}
          value={draft.itemId ?? ''}
          onChange={(itemId) => onChange({ ...draft, itemId: itemId === '' ? null : itemId })}
        >
          <option value="">{messages.links.wholeSlide}</option>
          <SlideOptions names={viewpoints.map(({ id, name }) => [id, name || messages.links.unnamedViewpoint])} />
        </SelectField>
      ) : null}
    </div>
  );
}
