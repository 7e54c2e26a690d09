/** The deck's theme: one that comes along, or its colours and fonts one by one. */
import { backdropNames, colourNames, contrastOf, type Theme } from '@gobrel/core/deck';
import { Palette } from 'lucide-react';
import { useState } from 'react';
import { Button, Dialog } from '../../../shared/ui';
import { messages, themeName } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { FontField } from './font-field';
import { Group } from './parts';
import { StyleTable } from './style-table';
import { KeepTheme, ThemeShelves } from './theme-shelves';

/** The least contrast of words on their ground (WCAG 2.2, 1.4.3). */
const READABLE = 4.5;

export function ThemeGroup({ editing }: { editing: Editing }) {
  const [open, setOpen] = useState(false);
  const { theme } = editing.deck;
  return (
    <Group title={messages.editor.theme}>
      <Button
        className="w-full !justify-start !px-2.5"
        aria-label={`${messages.editor.theme}: ${themeName(theme)}`}
        onClick={() => setOpen(true)}
      >
        <Palette size={18} aria-hidden />
        <span className="min-w-0 flex-1 truncate text-left">{themeName(theme)}</span>
        <Dots theme={theme} />
      </Button>
      {open ? <ThemeDialog editing={editing} onClose={() => setOpen(false)} /> : null}
    </Group>
  );
}

function Dots({ theme }: { theme: Theme }) {
  return (
    <span aria-hidden className="flex">
      {colourNames.map((name) => (
        <span
          key={name}
          className="-ml-1 size-4 rounded-full border border-edge"
          style={{ background: theme.colours[name] }}
        />
      ))}
    </span>
  );
}

function ThemeDialog({ editing, onClose }: { editing: Editing; onClose: () => void }) {
  const { deck, run } = editing;
  const { theme } = deck;
  const set = (next: Theme) => run([{ type: 'set-deck', fields: { theme: next } }]);
  const own = (fields: Partial<Theme>) => set({ ...theme, name: messages.editor.ownTheme, ...fields });
  return (
    <Dialog title={messages.editor.themeTitle} open onClose={onClose} wide>
      <ThemeShelves theme={theme} onPick={set} />
      <h3 className="mb-1 mt-4 text-base">{messages.editor.themeColours}</h3>
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {colourNames.map((name) => {
          const faint = name !== 'ground' && contrastOf(theme.colours[name], theme.colours.ground) < READABLE;
          return (
            <label key={name} className="flex min-h-control items-center gap-2 rounded-md border border-edge px-2">
              <input
                type="color"
                value={theme.colours[name]}
                onChange={(event) => own({ colours: { ...theme.colours, [name]: event.target.value } })}
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
      <div className="mt-3 grid gap-2 sm:grid-cols-3">
        {(['headingFont', 'textFont'] as const).map((which) => (
          <FontField
            key={which}
            label={messages.editor.themeFonts[which]}
            value={theme[which]}
            onChange={(font) => own({ [which]: font })}
          />
        ))}
        <label className="flex min-h-control items-center gap-2 rounded-md border border-edge bg-card px-2">
          <span className="text-sm text-soft">{messages.textStyles.backdrop}</span>
          <select
            aria-label={messages.textStyles.backdrop}
            className="min-h-10 min-w-0 flex-1 bg-card font-semibold"
            value={theme.backdrop}
            onChange={(event) =>
              own({ backdrop: backdropNames.find((name) => name === event.target.value) ?? 'plain' })
            }
          >
            {backdropNames.map((name) => (
              <option key={name} value={name}>
                {messages.textStyles.backdrops[name]}
              </option>
            ))}
          </select>
        </label>
      </div>
      <p className="mt-3 text-sm text-soft">{messages.editor.themeHint}</p>
      <StyleTable theme={theme} onChange={(styles) => own({ styles })} />
      <KeepTheme theme={theme} onKept={set} />
    </Dialog>
  );
}
