/** All layouts in sight, drawn small with their names, to pick one. */
import { type Deck, layoutNames, type LayoutName, layouts, frameOfPart, sizeOf } from '@gobrel/core/deck';
import { Sprout } from 'lucide-react';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

interface LayoutPickerProps {
  readonly label: string;
  readonly size: Deck['size'];
  readonly value: LayoutName | null;
  readonly onPick: (layout: LayoutName) => void;
  /** Looks among the templates instead; not offered when it is not given. */
  readonly onTemplates?: (() => void) | undefined;
}

/** Width of a layout's picture, in CSS pixels. */
const WIDTH = 96;

export function LayoutPicker({ label, size, value, onPick, onTemplates }: LayoutPickerProps) {
  return (
    <div role="group" aria-label={label} className="grid grid-cols-[repeat(3,7rem)] gap-1">
      {layoutNames.map((name) => (
        <button
          key={name}
          type="button"
          aria-pressed={value === null ? undefined : value === name}
          onClick={() => onPick(name)}
          className={`flex flex-col items-center gap-1 rounded-md p-1.5 text-xs font-semibold hover:bg-rule/50 ${value === name ? 'bg-dusk-wash text-dusk outline-2 outline-dusk' : ''}`}
        >
          <LayoutPicture name={name} size={size} />
          {messages.layouts[name]}
        </button>
      ))}
      {onTemplates ? (
        <Button className="col-span-3" onClick={onTemplates}>
          <Sprout size={18} aria-hidden /> {messages.templates.open}
        </Button>
      ) : null}
    </div>
  );
}

/** A layout's parts as plain boxes; those for words are ruled. */
function LayoutPicture({ name, size }: { name: LayoutName; size: Deck['size'] }) {
  const slide = sizeOf({ size });
  return (
    <svg
      aria-hidden="true"
      width={WIDTH}
      height={(WIDTH * slide.height) / slide.width}
      viewBox={`0 0 ${slide.width} ${slide.height}`}
      className="rounded border border-edge bg-card"
    >
      {layouts[name].parts.map((part) => {
        const { x, y, width, height } = frameOfPart(part, slide);
        const line = part.look?.heading ? 26 : 12;
        return part.kind === 'text' ? (
          <path
            key={part.role}
            d={linesIn(x, y, width, height, part.look?.heading ? 1 : 4, line)}
            stroke="currentColor"
            strokeWidth={line}
            opacity={0.55}
          />
        ) : (
          <rect
            key={part.role}
            x={x}
            y={y}
            width={width}
            height={height}
            rx={16}
            fill="none"
            stroke="currentColor"
            strokeWidth={12}
            strokeDasharray={part.kind === 'open-area' ? '30 20' : undefined}
          />
        );
      })}
    </svg>
  );
}

/** A few lines of words in a box, as path data. */
function linesIn(x: number, y: number, width: number, height: number, most: number, line: number): string {
  const step = Math.max(line * 3, height / (most + 1));
  const count = Math.max(1, Math.min(most, Math.floor(height / step)));
  const first = y + (height - (count - 1) * step) / 2;
  return Array.from(
    { length: count },
    (_, at) => `M${x} ${first + at * step}h${width * (at % 2 === 0 ? 0.9 : 0.7)}`,
  ).join('');
}
