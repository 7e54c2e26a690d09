/** All shapes in sight, each with its name, to pick one. */
import { type ShapeName, shapeNames, shapePath } from '@gobrel/core/deck';
import { messages } from '../../../shared/messages';

interface ShapePickerProps {
  readonly label: string;
  readonly value: ShapeName | null;
  readonly onPick: (shape: ShapeName) => void;
}

/** Size of a shape's picture, in CSS pixels. */
const SIZE = { width: 30, height: 22 };

export function ShapePicker({ label, value, onPick }: ShapePickerProps) {
  return (
    <div
      role="group"
      aria-label={label}
      className="grid max-w-max grid-cols-[repeat(8,44px)] gap-0.5 max-sm:grid-cols-[repeat(6,44px)]"
    >
      {shapeNames.map((name) => (
        <button
          key={name}
          type="button"
          aria-label={messages.shapes[name]}
          title={messages.shapes[name]}
          aria-pressed={value === null ? undefined : value === name}
          onClick={() => onPick(name)}
          className={`flex size-11 items-center justify-center rounded-md hover:bg-rule/50 ${value === name ? 'bg-dusk-wash text-dusk outline-2 outline-dusk' : ''}`}
        >
          <ShapeSign name={name} />
        </button>
      ))}
    </div>
  );
}

/** A shape's outline as a small sign. */
export function ShapeSign({ name }: { name: ShapeName }) {
  return (
    <svg width={SIZE.width} height={SIZE.height} viewBox={`-1 -1 ${SIZE.width} ${SIZE.height}`} aria-hidden="true">
      <path
        d={shapePath(name, SIZE.width - 2, SIZE.height - 2)}
        fill="none"
        stroke="currentColor"
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
    </svg>
  );
}
