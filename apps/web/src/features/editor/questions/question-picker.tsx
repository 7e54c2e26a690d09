/** What a question can be, by what students do. */
import {
  AlignLeft,
  ArrowUpRight,
  AudioLines,
  CircleDot,
  FileInput,
  Grid2x2,
  Hash,
  ListChecks,
  ListOrdered,
  type LucideIcon,
  MapPin,
  MapPinned,
  PencilLine,
  Puzzle,
  Shapes,
  Slash,
  SlidersHorizontal,
  SquareCheck,
  Tags,
  TextCursorInput,
  ThumbsUp,
  Type,
  WholeWord,
  Ruler,
} from 'lucide-react';
import { Button, Dialog } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { type QuestionStart, startGroups } from './starts';

const icons: Readonly<Record<QuestionStart, LucideIcon>> = {
  choice: CircleDot,
  several: ListChecks,
  'true-false': SquareCheck,
  'yes-no': ThumbsUp,
  scale: SlidersHorizontal,
  'short-text': Type,
  'long-text': AlignLeft,
  blank: TextCursorInput,
  'blank-list': WholeWord,
  number: Hash,
  dot: MapPin,
  dots: MapPinned,
  line: Slash,
  arrow: ArrowUpRight,
  timeline: Ruler,
  draw: PencilLine,
  spoken: AudioLines,
  sort: Grid2x2,
  match: Puzzle,
  order: ListOrdered,
  label: Tags,
  build: Shapes,
};

interface QuestionPickerProps {
  readonly onPick: (start: QuestionStart) => void;
  /** Questions come from a file, or go into one. */
  readonly onExchange: () => void;
  readonly onClose: () => void;
}

export function QuestionPicker({ onPick, onExchange, onClose }: QuestionPickerProps) {
  const says = messages.questions;
  return (
    <Dialog title={says.title} open onClose={onClose} wide>
      <div className="grid gap-x-6 gap-y-2 sm:grid-cols-2 lg:grid-cols-3">
        {startGroups.map(([group, starts]) => (
          <section key={group} aria-label={says.groups[group]}>
            <h3 className="mb-1 border-b border-rule font-sans text-sm font-semibold text-soft">
              {says.groups[group]}
            </h3>
            {starts.map((start) => {
              const Icon = icons[start];
              const { name, hint } = says.starts[start];
              return (
                <button
                  key={start}
                  type="button"
                  onClick={() => onPick(start)}
                  className="flex min-h-11 w-full items-center gap-3 rounded-md px-2 py-1 text-start hover:bg-rule/50"
                >
                  <Icon size={20} aria-hidden className="flex-none text-tide" />
                  <span className="leading-tight">
                    <strong className="block">{name}</strong>
                    <span className="text-sm text-soft">{hint}</span>
                  </span>
                </button>
              );
            })}
          </section>
        ))}
      </div>
      <Button className="-mb-3" look="quiet" onClick={onExchange}>
        <FileInput size={18} aria-hidden /> {messages.exchange.open}
      </Button>
    </Dialog>
  );
}
