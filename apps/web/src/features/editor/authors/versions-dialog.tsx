/** The deck as it was, beside how it is; a version is restored as a change that can be undone. */
import type { VersionView } from '@gobrel/contract';
import { changesBetween, type Deck, entriesOf, isSection, slideDifferences, type SlideId } from '@gobrel/core/deck';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ask, messageOf, versionQuery, versionsQuery } from '../../../shared/api';
import { Thumbnail } from '../../../shared/slides';
import { Button, Dialog, Failing, Field, Loading } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';
import type { Editing } from '../state/editing';

interface VersionsDialogProps {
  readonly deckId: string;
  readonly editing: Editing;
  readonly onClose: () => void;
}

export function VersionsDialog({ deckId, editing, onClose }: VersionsDialogProps) {
  const versions = useQuery(versionsQuery(deckId));
  const [chosen, setChosen] = useState<string | null>(null);
  const shown = versions.data?.find((each) => each.id === chosen) ?? versions.data?.[0] ?? null;
  const version = useQuery(versionQuery(deckId, shown?.id ?? null));
  const restore = (deck: Deck) => {
    editing.run(changesBetween(editing.deck, deck));
    onClose();
    editing.tellDone(messages.versions.restored);
  };
  return (
    <Dialog title={messages.versions.title} open onClose={onClose} wide>
      <KeepVersion deckId={deckId} onKept={() => setChosen(null)} />
      {versions.isPending ? <Loading what={messages.versions.title} /> : null}
      {versions.isError ? (
        <Failing message={messageOf(versions.error)} onRetry={() => void versions.refetch()} />
      ) : null}
      {versions.data?.length === 0 ? <p className="mt-4 text-soft">{messages.versions.none}</p> : null}
      {shown ? (
        <div className="mt-4 grid min-h-[52vh] items-start gap-4 md:grid-cols-[14rem_1fr]">
          <VersionList versions={versions.data ?? []} chosen={shown.id} onChoose={setChosen} />
          {version.data ? (
            <SideBySide before={version.data} now={editing.deck} onRestore={() => restore(version.data)} />
          ) : (
            <Loading what={messages.versions.one} />
          )}
        </div>
      ) : null}
    </Dialog>
  );
}

function KeepVersion({ deckId, onKept }: { deckId: string; onKept: () => void }) {
  const [name, setName] = useState('');
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: () => ask<VersionView[]>('POST', `/decks/${deckId}/versions`, { name }),
    onSuccess: (versions) => {
      queries.setQueryData(versionsQuery(deckId).queryKey, versions);
      setName('');
      onKept();
    },
  });
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate();
      }}
    >
      <div className="flex-1">
        <Field
          label={messages.versions.name}
          hint={messages.versions.hint}
          fault={keep.isError ? messageOf(keep.error) : undefined}
          maxLength={120}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <Button type="submit" className="mb-6" disabled={name.trim() === '' || keep.isPending}>
        {messages.versions.keep}
      </Button>
    </form>
  );
}

interface VersionListProps {
  readonly versions: readonly VersionView[];
  readonly chosen: string;
  readonly onChoose: (id: string) => void;
}

function VersionList({ versions, chosen, onChoose }: VersionListProps) {
  return (
    <ul aria-label={messages.versions.title} className="max-h-[52vh] overflow-y-auto pe-1">
      {versions.map((version) => (
        <li key={version.id}>
          <button
            type="button"
            aria-pressed={version.id === chosen}
            onClick={() => onChoose(version.id)}
            className={`mb-1 w-full rounded-md border px-2.5 py-1.5 text-start ${version.id === chosen ? 'border-dusk bg-dusk-wash' : 'border-edge hover:border-ink'}`}
          >
            <span className="block font-semibold wrap-anywhere">{version.name ?? messages.versions.automatic}</span>
            <span className="block text-sm text-soft">
              {[
                messages.versions.madeAt({ at: version.madeAt }),
                version.by,
                messages.versions.slideCount({ count: version.slideCount }),
              ]
                .filter(Boolean)
                .join(' · ')}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Width of a slide's picture, in CSS pixels. */
const PICTURE = 176;

interface SideBySideProps {
  readonly before: Deck;
  readonly now: Deck;
  readonly onRestore: () => void;
}

function SideBySide({ before, now, onRestore }: SideBySideProps) {
  const [all, setAll] = useState(false);
  const differences = slideDifferences(before, now);
  const slides = [...slideIds(now), ...slideIds(before).filter((id) => !now.slides[id])].filter(
    (id) => all || differences.get(id) !== 'same',
  );
  const isSame = changesBetween(now, before).length === 0;
  return (
    <div>
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <label className="flex min-h-11 flex-1 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-dusk"
            checked={all}
            onChange={(event) => setAll(event.target.checked)}
          />
          {messages.versions.showAll}
        </label>
        <Button look="main" disabled={isSame} onClick={onRestore}>
          {messages.versions.restore}
        </Button>
      </div>
      <p role="status" className="mb-2 text-sm text-soft">
        {messages.versions.differ({
          count: [...differences.values()].filter((each) => each !== 'same').length,
          same: isSame,
        })}
      </p>
      <table className="w-full">
        <thead>
          <tr className="text-start text-sm text-soft">
            <th scope="col">{messages.versions.then}</th>
            <th scope="col">{messages.versions.now}</th>
          </tr>
        </thead>
        <tbody>
          {slides.map((id) => (
            <tr key={id} className="align-top">
              <VersionCell deck={before} slideId={id} note={null} />
              <VersionCell
                deck={now}
                slideId={id}
                note={messages.versions.differences[differences.get(id) ?? 'same']}
              />
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function slideIds(deck: Deck): readonly SlideId[] {
  return entriesOf(deck).flatMap((entry) => (isSection(entry) ? [] : [entry.id]));
}

function VersionCell({ deck, slideId, note }: { deck: Deck; slideId: SlideId; note: string | null }) {
  return (
    <td className="py-1.5">
      {deck.slides[slideId] ? (
        <>
          <Thumbnail deck={deck} slideId={slideId} width={PICTURE} />
          <span className="block max-w-44 truncate text-sm">{slideName(deck, slideId)}</span>
        </>
      ) : (
        <span className="flex w-44 items-center justify-center rounded border border-dashed border-edge py-8 text-soft">
          {messages.versions.notThere}
        </span>
      )}
      {note ? <span className="text-sm font-semibold text-dusk">{note}</span> : null}
    </td>
  );
}
