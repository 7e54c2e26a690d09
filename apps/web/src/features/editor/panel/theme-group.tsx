/** The deck's theme: one that comes along, or its colours and fonts one by one. */
import {
  type BackdropName,
  backdropNames,
  colourNames,
  pageOf,
  type PageOfItsOwn,
  setTheme,
  type SlideId,
  type Theme,
  themes,
} from '@gobrel/core/deck';
import { Palette } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Button, Dialog } from '../../../shared/ui';
import { messages, themeName } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { FontField } from './font-field';
import { Group } from './parts';
import { StyleTable } from './style-table';
import { ThemeFromFile } from './theme-from-file';
import { ThemeColourFields } from './theme-colours';
import { themeSample } from './theme-sample';
import { KeepTheme, ThemeShelves } from './theme-shelves';

interface ThemeDialogProps {
  readonly editing: Editing;
  /** The slide that is looked at. */
  readonly slideId: SlideId;
  readonly onClose: () => void;
}

export function ThemeGroup({ editing, slideId }: { editing: Editing; slideId: SlideId }) {
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
        <span className="min-w-0 flex-1 truncate text-start">{themeName(theme)}</span>
        <Dots theme={theme} />
      </Button>
      {open ? <ThemeDialog editing={editing} slideId={slideId} onClose={() => setOpen(false)} /> : null}
    </Group>
  );
}

function Dots({ theme }: { theme: Theme }) {
  return (
    <span aria-hidden className="flex">
      {colourNames.map((name) => (
        <span
          key={name}
          className="-ms-1 size-4 rounded-full border border-edge says-by-colour"
          style={{ background: theme.colours[name] }}
        />
      ))}
    </span>
  );
}

function ThemeDialog({ editing, slideId, onClose }: ThemeDialogProps) {
  const { deck, run } = editing;
  const { theme } = deck;
  const sample = useMemo(() => themeSample(deck, slideId, messages.roles), [deck, slideId]);
  const set = (next: Theme) => run(setTheme(deck, next));
  const own = (fields: Partial<Theme>) => set({ ...theme, name: messages.editor.ownTheme, ...fields });
  return (
    <Dialog title={messages.editor.themeTitle} open onClose={onClose} wide>
      <ThemeShelves theme={theme} sample={sample} onPick={set} />
      <ThemeColourFields theme={theme} first={pageOf(deck.slides[slideId]?.layout ?? 'blank')} onChange={own} />
      <div className="mt-3 grid gap-2 sm:grid-cols-3">
        {(['headingFont', 'textFont'] as const).map((which) => (
          <FontField
            key={which}
            label={messages.editor.themeFonts[which]}
            value={theme[which]}
            onChange={(font) => own({ [which]: font })}
          />
        ))}
        <BackdropField theme={theme} onChange={own} />
      </div>
      <p className="mt-3 text-sm text-soft">{messages.editor.themeHint}</p>
      <StyleTable theme={theme} onChange={(styles) => own({ styles })} />
      <ThemeFromFile onTake={set} />
      <KeepTheme theme={theme} onKept={set} />
    </Dialog>
  );
}

/** What is drawn on the ground of slides; titles go to where that leaves room for them. */
function BackdropField({ theme, onChange }: { theme: Theme; onChange: (fields: Partial<Theme>) => void }) {
  const pick = (backdrop: BackdropName) => {
    const from = themes.find((each) => each.backdrop === backdrop)?.pages ?? null;
    const placed = (page: PageOfItsOwn) => ({ ...(from ?? theme.pages)[page], colours: theme.pages[page].colours });
    onChange({ backdrop, pages: { title: placed('title'), section: placed('section') } });
  };
  return (
    <label className="flex min-h-control items-center gap-2 rounded-md border border-edge bg-card px-2">
      <span className="text-sm text-soft">{messages.textStyles.backdrop}</span>
      <select
        aria-label={messages.textStyles.backdrop}
        className="min-h-8 min-w-0 flex-1 bg-card font-semibold"
        value={theme.backdrop}
        onChange={(event) => pick(backdropNames.find((name) => name === event.target.value) ?? 'plain')}
      >
        {backdropNames.map((name) => (
          <option key={name} value={name}>
            {messages.textStyles.backdrops[name]}
          </option>
        ))}
      </select>
    </label>
  );
}
