/** Where themes come from: those that come along, one's own, and those of other decks. */
import type { OwnThemeView } from '@gobrel/contract';
import { isSameTheme, type Theme, themes } from '@gobrel/core/deck';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { Thumbnail } from '../../../shared/slides';
import { ask, decksQuery, messageOf, themesQuery } from '../../../shared/api';
import { Button, ConfirmDialog, Field, IconButton, Tabs, showToast } from '../../../shared/ui';
import { messages, themeName } from '../../../shared/messages';
import type { ThemeSample } from './theme-sample';

/** Width of a slide in a theme, in CSS pixels. */
const WIDTH = 216;

interface ThemeShelvesProps {
  readonly theme: Theme;
  /** The slide that is seen in each theme. */
  readonly sample: ThemeSample;
  readonly onPick: (theme: Theme) => void;
}

export function ThemeShelves(props: ThemeShelvesProps) {
  return (
    <Tabs
      label={messages.editor.theme}
      tabs={[
        {
          id: 'along',
          name: messages.ownThemes.along,
          content: (
            <Shelf
              {...props}
              label={messages.editor.themes}
              entries={themes.map((each) => ({ key: each.name, name: themeName(each), theme: each }))}
            />
          ),
        },
        { id: 'mine', name: messages.ownThemes.mine, content: <MyThemes {...props} /> },
        { id: 'others', name: messages.ownThemes.others, content: <ThemesOfDecks {...props} /> },
      ]}
    />
  );
}

function MyThemes(props: ThemeShelvesProps) {
  const { data: mine = [] } = useQuery(themesQuery);
  const queries = useQueryClient();
  const [asked, setAsked] = useState<OwnThemeView | null>(null);
  const remove = useMutation({
    mutationFn: ({ id }: OwnThemeView) => ask('DELETE', `/themes/${id}`),
    onSuccess: (_answer, { theme }) => {
      setAsked(null);
      showToast(messages.ownThemes.removed({ name: theme.name }));
      return queries.invalidateQueries({ queryKey: themesQuery.queryKey });
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  if (mine.length === 0) return <p className="py-3 text-soft">{messages.ownThemes.none}</p>;
  return (
    <>
      <Shelf
        {...props}
        label={messages.ownThemes.mine}
        entries={mine.map((each) => ({ key: each.id, name: each.theme.name, theme: each.theme }))}
        onRemove={(key) => setAsked(mine.find((each) => each.id === key) ?? null)}
      />
      {asked ? (
        <ConfirmDialog
          title={messages.ownThemes.removeTitle({ name: asked.theme.name })}
          action={messages.library.delete}
          isPending={remove.isPending}
          onConfirm={() => remove.mutate(asked)}
          onClose={() => setAsked(null)}
        >
          {messages.ownThemes.removeText}
        </ConfirmDialog>
      ) : null}
    </>
  );
}

function ThemesOfDecks(props: ThemeShelvesProps) {
  const { data: decks = [] } = useQuery(decksQuery);
  const others = decks.filter((deck) => !isSameTheme(deck.cover.theme, props.theme));
  if (others.length === 0) return <p className="py-3 text-soft">{messages.ownThemes.noDecks}</p>;
  return (
    <Shelf
      {...props}
      label={messages.ownThemes.others}
      entries={others.map((deck) => ({ key: deck.id, name: deck.title, theme: deck.cover.theme }))}
    />
  );
}

interface ShelfProps extends ThemeShelvesProps {
  readonly label: string;
  readonly entries: readonly { readonly key: string; readonly name: string; readonly theme: Theme }[];
  readonly onRemove?: (key: string) => void;
}

function Shelf({ label, entries, theme, sample, onPick, onRemove }: ShelfProps) {
  return (
    <div
      role="group"
      aria-label={label}
      className="grid max-h-[26rem] grid-cols-[repeat(auto-fill,minmax(14.3rem,1fr))] gap-2 overflow-y-auto p-1"
    >
      {entries.map((entry) => {
        const isOn = isSameTheme(entry.theme, theme);
        return (
          <div key={entry.key} className="relative">
            <button
              type="button"
              aria-pressed={isOn}
              onClick={() => onPick(entry.theme)}
              className={`flex w-full flex-col items-center rounded-md border p-1 text-start ${isOn ? 'border-dusk outline-2 outline-dusk' : 'border-edge'}`}
            >
              <Thumbnail deck={sample.in(entry.theme)} slideId={sample.slideId} width={WIDTH} number={null} />
              <span className="w-full truncate px-1 pt-1 text-sm font-semibold">{entry.name}</span>
            </button>
            {onRemove ? (
              <span className="absolute end-0 top-0">
                <IconButton
                  name={messages.ownThemes.remove({ name: entry.name })}
                  className="bg-card/85 text-berry"
                  onClick={() => onRemove(entry.key)}
                >
                  <Trash2 size={16} aria-hidden />
                </IconButton>
              </span>
            ) : null}
          </div>
        );
      })}
    </div>
  );
}

/** Keeping the deck's theme, under a name, for one's other decks. */
export function KeepTheme({ theme, onKept }: { theme: Theme; onKept: (theme: Theme) => void }) {
  const [name, setName] = useState('');
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: (named: Theme) => ask<OwnThemeView[]>('POST', '/themes', { theme: named }),
    onSuccess: (mine, named) => {
      queries.setQueryData(themesQuery.queryKey, mine);
      onKept(named);
      setName('');
      showToast(messages.ownThemes.kept({ name: named.name }));
    },
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  return (
    <form
      className="mt-4 flex items-end gap-2 border-t border-rule pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        keep.mutate({ ...theme, name: name.trim() });
      }}
    >
      <div className="flex-1">
        <Field
          label={messages.ownThemes.name}
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </div>
      <Button type="submit" className="mb-1" disabled={name.trim() === '' || keep.isPending}>
        {messages.ownThemes.keep}
      </Button>
    </form>
  );
}
