/** Beside the slide in the middle: its scale, the grid, and trying it as a student. */
import { Grid3x3, Hand, Minus, Plus } from 'lucide-react';
import { IconButton } from '../../../shared/ui';
import { messages, percent } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import { ZOOM_STEP } from './view';

interface ZoomBarProps {
  /** Whether it stands in the row of cards above the slide, and not below the slide. */
  readonly inRow: boolean;
  /** CSS pixels a slide unit. */
  readonly scale: number;
  readonly onZoom: (factor: number) => void;
  readonly onFit: () => void;
  /** Tries the slide as a student. */
  readonly onTry: () => void;
}

export function ZoomBar({ inRow, scale, onZoom, onFit, onTry }: ZoomBarProps) {
  const fits = useDesk((desk) => desk.view === null);
  const grid = useDesk((desk) => desk.grid);
  return (
    <div
      role="toolbar"
      aria-label={messages.editor.zoom}
      className={`absolute flex items-center rounded-md border border-rule bg-card ${inRow ? 'right-3 top-2' : 'bottom-1.5 left-1/2 -translate-x-1/2'}`}
    >
      <IconButton
        name={messages.editor.gridOn}
        pressed={grid}
        onClick={() => useDesk.setState({ grid: !grid })}
        className="!size-8 pointer-coarse:!size-11"
      >
        <Grid3x3 size={16} aria-hidden />
      </IconButton>
      <IconButton
        name={messages.editor.zoomOut}
        onClick={() => onZoom(1 / ZOOM_STEP)}
        className="!size-8 pointer-coarse:!size-11"
      >
        <Minus size={16} aria-hidden />
      </IconButton>
      <button
        type="button"
        title={messages.editor.zoomFit}
        aria-label={`${messages.editor.zoomFit}, ${percent(scale)}`}
        aria-pressed={fits}
        onClick={onFit}
        className="min-h-8 w-14 rounded-md text-sm font-semibold tabular-nums hover:bg-rule/50 pointer-coarse:min-h-11"
      >
        {percent(scale)}
      </button>
      <IconButton
        name={messages.editor.zoomIn}
        onClick={() => onZoom(ZOOM_STEP)}
        className="!size-8 pointer-coarse:!size-11"
      >
        <Plus size={16} aria-hidden />
      </IconButton>
      <button
        type="button"
        onClick={onTry}
        className="flex min-h-8 items-center gap-1.5 rounded-md border-s border-rule px-3 text-sm font-semibold hover:bg-rule/50 pointer-coarse:min-h-11"
      >
        <Hand size={16} aria-hidden /> {messages.questions.tryHere}
      </button>
    </div>
  );
}
