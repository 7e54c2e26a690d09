/** Keeps a class deck as a deck of one's own, with names as they may be seen, and shares it with parents by a link. */
import type { DeckSummary, SharesView } from '@gobrel/contract';
import { type NameForm, nameForms } from '@gobrel/core/review';
import { useMutation } from '@tanstack/react-query';
import { Copy } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { ask, messageOf } from '../../../shared/api';
import { messages } from '../../../shared/messages';
import { Button, copyText, Dialog, DialogActions, Select, showToast } from '../../../shared/ui';

interface ClassDeckDialogProps {
  readonly lessonId: string;
  readonly onClose: () => void;
}

export function ClassDeckDialog({ lessonId, onClose }: ClassDeckDialogProps) {
  const says = messages.lessons;
  const navigate = useNavigate();
  const open = (id: string) => void navigate(`/decks/${id}`);
  const [names, setNames] = useState<NameForm>('shown');
  const keep = useMutation({
    mutationFn: async (isShared: boolean) => {
      const deck = await ask<DeckSummary>('POST', `/lessons/${lessonId}/deck`, { names });
      const shares = isShared ? await ask<SharesView>('PUT', `/decks/${deck.id}/shares/link`, {}) : null;
      return { deck, link: shares?.link?.address ?? null };
    },
    onSuccess: ({ deck: { id, title }, link }) => {
      // With a link the dialog goes on, and says so itself.
      if (link !== null) return;
      showToast(says.deckKept({ title }), { action: { name: says.openDeck, run: () => open(id) } });
      onClose();
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const { deck, link = null } = keep.data ?? {};
  if (deck && link !== null)
    return (
      <Dialog title={says.parentsLink} open onClose={onClose}>
        <p className="mb-1">{says.deckKept({ title: deck.title })}</p>
        <ParentsLink url={new URL(`/show/${link}`, window.location.origin).href} />
        <DialogActions>
          <Button onClick={() => open(deck.id)}>{says.openDeck}</Button>
          <Button look="main" onClick={onClose}>
            {messages.sharing.done}
          </Button>
        </DialogActions>
      </Dialog>
    );
  return (
    <Dialog title={says.keepDeck} open onClose={onClose}>
      <p className="mb-3">{says.keepDeckText}</p>
      <Select
        stacked
        label={says.names}
        value={names}
        options={nameForms.map((value) => ({ value, name: says.nameForms[value] }))}
        onChange={setNames}
      />
      <p className="mt-1 text-sm text-soft">{says.namesHint}</p>
      <DialogActions>
        <Button disabled={keep.isPending} onClick={() => keep.mutate(true)}>
          {says.shareDeck}
        </Button>
        <Button look="main" disabled={keep.isPending} onClick={() => keep.mutate(false)}>
          {says.saveDeck}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function ParentsLink({ url }: { url: string }) {
  const says = messages.lessons;
  return (
    <>
      <p className="mb-3">{says.parentsHint}</p>
      <p className="flex gap-2">
        <input
          readOnly
          aria-label={says.parentsLink}
          value={url}
          onFocus={({ target }) => target.select()}
          className="min-h-control min-w-0 flex-1 rounded-md border border-edge bg-card px-2.5"
        />
        <Button onClick={() => void copyText(url)}>
          <Copy size={18} aria-hidden /> {messages.sharing.copyLink}
        </Button>
      </p>
    </>
  );
}
