/** The six colours of a theme, on most slides and on those that have colours of their own. */
import { colourNames, contrastOf, type PageName, type Theme, type ThemeColours } from '@gobrel/core/deck';
import { useState } from 'react';
import { Choose } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

interface ThemeColourFieldsProps {
  readonly theme: Theme;
  /** The page that is asked for first: the one that is looked at. */
  readonly first: PageName;
  readonly onChange: (fields: Partial<Theme>) => void;
}

/** The least contrast of words on their ground (WCAG 2.2, 1.4.3). */
const READABLE = 4.5;

const pages: readonly PageName[] = ['text', 'title', 'section'];

export function ThemeColourFields({ theme, first, onChange }: ThemeColourFieldsProps) {
  const [page, setPage] = useState<PageName>(first);
  const colours = page === 'text' ? theme.colours : theme.pages[page].colours;
  const set = (next: ThemeColours) =>
    onChange(
      page === 'text'
        ? { colours: next }
        : { pages: { ...theme.pages, [page]: { ...theme.pages[page], colours: next } } },
    );
  return (
    <>
      <div className="mb-2 mt-4 flex flex-wrap items-center gap-3">
        <h3 className="text-base">{messages.editor.themeColours}</h3>
        <div className="max-w-md flex-1">
          <Choose
            label={messages.editor.themePagesOf}
            value={page}
            options={pages.map((value) => ({ value, name: messages.editor.themePages[value] }))}
            onChange={setPage}
          />
        </div>
      </div>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {colourNames.map((name) => {
          const faint = name !== 'ground' && contrastOf(colours[name], colours.ground) < READABLE;
          return (
            <label key={name} className="flex min-h-control items-center gap-2 rounded-md border border-edge px-2">
              <input
                type="color"
                value={colours[name]}
                onChange={(event) => set({ ...colours, [name]: event.target.value })}
                className="size-8 rounded-md border border-edge bg-card p-0.5"
              />
              <span>
                {messages.colours[name]}
                {faint ? <span className="block text-xs text-amber">{messages.editor.faint}</span> : null}
              </span>
            </label>
          );
        })}
      </div>
    </>
  );
}
