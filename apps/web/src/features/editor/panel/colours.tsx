/** Choosing a colour: those the theme names, which follow it; fixed ones; and any other. */
import { colourIn, colourNames, type Theme } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';

interface ColoursProps {
  readonly label: string;
  readonly theme: Theme;
  readonly value: string;
  /** Whether no colour at all may be chosen. */
  readonly canBeNone?: boolean;
  readonly onChange: (colour: string) => void;
}

/** Colours that stay as they are whatever the theme. */
const fixed = [
  '#fffcf5',
  '#f6ead0',
  '#eaf1ef',
  '#1d2b2a',
  '#0f5c5a',
  '#1f4b4a',
  '#a84226',
  '#3d4e8a',
  '#4f6b26',
  '#9b2242',
] as const;

/** A slash from corner to corner stands for no colour. */
const NONE =
  'linear-gradient(to top right, transparent 46%, var(--berry) 46%, var(--berry) 54%, transparent 54%), var(--card)';

const names: Readonly<Record<string, string>> = messages.colours;

export function Colours({ label, theme, value, canBeNone = false, onChange }: ColoursProps) {
  const swatch = (colour: string) => (
    <button
      key={colour}
      type="button"
      aria-label={names[colour]}
      title={names[colour]}
      aria-pressed={value === colour}
      onMouseDown={(event) => event.preventDefault()}
      onClick={() => onChange(colour)}
      className={`size-8 rounded-md border pointer-coarse:size-11 ${value === colour ? 'border-dusk outline-2 outline-dusk' : 'border-edge'}`}
      style={{ background: colour === 'transparent' ? NONE : colourIn(theme, colour) }}
    />
  );
  const shown = colourIn(theme, value);
  return (
    <div role="group" aria-label={label}>
      <div className="flex flex-wrap gap-1 border-b border-rule pb-1.5">{colourNames.map(swatch)}</div>
      <div className="flex flex-wrap gap-1 pt-1.5">
        {fixed.map(swatch)}
        {canBeNone ? swatch('transparent') : null}
        <input
          type="color"
          aria-label={messages.editor.otherColour({ label })}
          title={messages.editor.otherColour({ label })}
          value={shown === 'transparent' ? '#ffffff' : shown}
          onChange={(event) => onChange(event.target.value)}
          className="size-8 rounded-md border border-edge bg-card p-0.5 pointer-coarse:size-11"
        />
      </div>
    </div>
  );
}
