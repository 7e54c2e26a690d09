/** The marks of a trail: one a slide, on a line, with a ring where somebody is now. */
import type { Standing } from '@gobrel/core/questions';
import { messages } from '../../../shared/messages';

/** How each standing looks: never by its colour alone. */
const looks: Readonly<Record<Standing, { readonly sign: string; readonly look: string }>> = {
  unseen: { sign: '', look: 'border-rule bg-paper' },
  looking: { sign: '', look: 'border-edge bg-card' },
  working: { sign: '…', look: 'border-dashed border-edge bg-card' },
  answered: { sign: '•', look: 'border-dusk bg-dusk text-card' },
  unmarked: { sign: '•', look: 'border-dusk bg-dusk text-card' },
  empty: { sign: '∅', look: 'border-edge bg-card text-soft' },
  right: { sign: '✓', look: 'border-reed bg-reed text-card' },
  partly: { sign: '½', look: 'border-amber bg-card text-amber' },
  wrong: { sign: '✕', look: 'border-berry bg-card text-berry' },
};

interface MarkProps {
  readonly standing: Standing;
  /** Whether the slide asks something: others are small dots. */
  readonly asks: boolean;
  readonly isHere: boolean;
}

/** What is drawn on the line. */
function Mark({ standing, asks, isHere }: MarkProps) {
  const { sign, look } = looks[standing];
  const ring = isHere ? 'outline-2 outline-offset-2 outline-clay' : '';
  if (!asks) {
    const seen = standing === 'unseen' && !isHere ? 'border-rule bg-paper' : 'border-edge bg-edge';
    return <span aria-hidden className={`relative inline-block size-2.5 rounded-full border ${seen} ${ring}`} />;
  }
  return (
    <span
      aria-hidden
      className={`relative inline-flex size-[21px] items-center justify-center rounded-full border-2 text-xs leading-none font-bold ${look} ${ring}`}
    >
      {sign}
    </span>
  );
}

interface TrailCellProps extends MarkProps {
  /** Whether the line comes from a slide that was seen, and goes on to one; `null` where there is none. */
  readonly before: boolean | null;
  readonly after: boolean | null;
}

/** A cell of a trail: its mark on the line that runs from the first slide to the last. */
export function TrailCell({ before, after, ...mark }: TrailCellProps) {
  const says = mark.asks || mark.standing === 'unseen' ? messages.board.states[mark.standing] : messages.board.seen;
  const line = (side: string, reached: boolean) => (
    <span
      aria-hidden
      className={`absolute top-1/2 h-0.5 -translate-y-1/2 ${side} ${reached ? 'bg-edge' : 'bg-rule'}`}
    />
  );
  return (
    <td className="relative p-0 text-center align-middle">
      {before === null ? null : line('start-0 end-1/2', before)}
      {after === null ? null : line('start-1/2 end-0', after)}
      <span className="inline-flex h-[22px] items-center align-middle" title={says}>
        <Mark {...mark} />
      </span>
      <span className="spoken">{mark.isHere ? messages.board.hereWith({ state: says }) : says}</span>
    </td>
  );
}

const legend: readonly Standing[] = ['right', 'partly', 'wrong', 'unmarked', 'working', 'unseen'];

/** What the marks mean. */
export function TrailLegend() {
  return (
    <ul className="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-xs text-soft">
      {legend.map((standing) => (
        <li key={standing} className="flex items-center gap-1.5">
          <Mark standing={standing} asks isHere={false} /> {messages.board.states[standing]}
        </li>
      ))}
      <li className="flex items-center gap-2">
        <Mark standing="looking" asks isHere /> {messages.board.hereNow}
      </li>
    </ul>
  );
}
