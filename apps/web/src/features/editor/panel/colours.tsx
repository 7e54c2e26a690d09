/** Choosing a colour: those the theme names, which follow it; fixed ones; and any other. */
import { colourIn, colourNames, type Theme } from '@gobrel/core/deck';
import { ChevronDown } from 'lucide-react';
import { ToggleGroup } from 'radix-ui';
import { useState } from 'react';
import { Popover } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import { Row } from './parts';

interface ColoursProps {
  readonly label: string;
  /** What stands beside it, where the label would be too long. */
  readonly shown?: string;
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

/** A row with the colour that is set; its button opens all that can be chosen. */
export function Colours({ label, shown = label, theme, value, canBeNone = false, onChange }: ColoursProps) {
  const [open, setOpen] = useState(false);
  const colour = colourIn(theme, value);
  const called = names[value] ?? value;
  return (
    <Row label={shown}>
      <Popover
        label={label}
        side="left"
        open={open}
        onOpenChange={setOpen}
        onClosed={goOnTyping}
        trigger={
          <button
            type="button"
            aria-label={messages.editor.colourIs({ label, colour: called })}
            onMouseDown={(event) => event.preventDefault()}
            className="flex min-h-control min-w-0 flex-1 items-center gap-2 rounded-md border border-edge bg-card px-2 text-start hover:border-ink"
          >
            <span
              aria-hidden
              className="size-5 flex-none rounded border border-edge says-by-colour"
              style={{ background: value === 'transparent' ? NONE : colour }}
            />
            <span className="min-w-0 flex-1 truncate">{called}</span>
            <ChevronDown size={16} aria-hidden className="flex-none" />
          </button>
        }
      >
        <div className="w-[14.5rem] pointer-coarse:w-[18.5rem]">
          <Swatches
            label={label}
            theme={theme}
            value={value}
            colours={[...colourNames, ...fixed, ...(canBeNone ? ['transparent'] : [])]}
            onPick={(picked) => {
              onChange(picked);
              setOpen(false);
            }}
          />
          <label className="mt-2 flex min-h-control items-center gap-2 border-t border-rule pt-2 text-sm">
            <input
              type="color"
              aria-label={messages.editor.otherColour({ label })}
              value={colour === 'transparent' ? '#ffffff' : colour}
              onChange={(event) => onChange(event.target.value)}
              className="size-8 flex-none rounded-md border border-edge bg-card p-0.5 pointer-coarse:size-11"
            />
            <span aria-hidden>{messages.editor.otherColour({ label })}</span>
          </label>
        </div>
      </Popover>
    </Row>
  );
}

interface SwatchesProps {
  readonly label: string;
  readonly theme: Theme;
  readonly value: string;
  readonly colours: readonly string[];
  readonly onPick: (colour: string) => void;
}

/** Colours as one stop of the Tab key; arrows go from one to the next. */
function Swatches({ label, theme, value, colours, onPick }: SwatchesProps) {
  return (
    <ToggleGroup.Root
      type="single"
      aria-label={label}
      value={value}
      onValueChange={(picked) => onPick(picked === '' ? value : picked)}
      className="flex flex-wrap gap-1"
    >
      {colours.map((colour) => (
        <ToggleGroup.Item
          key={colour}
          value={colour}
          aria-label={names[colour]}
          title={names[colour]}
          onMouseDown={(event) => event.preventDefault()}
          className="size-8 rounded-md border border-edge data-[state=on]:border-dusk data-[state=on]:outline-2 data-[state=on]:outline-dusk pointer-coarse:size-11 says-by-colour"
          style={{ background: colour === 'transparent' ? NONE : colourIn(theme, colour) }}
        />
      ))}
    </ToggleGroup.Root>
  );
}

/** Whoever was typing when the colours were opened goes on there. */
function goOnTyping(event: Event): void {
  const { textEditor } = useDesk.getState();
  if (!textEditor) return;
  event.preventDefault();
  textEditor.commands.focus();
}
