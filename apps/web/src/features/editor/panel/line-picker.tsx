/** The lines and arrows to begin with. */
import type { LineHead } from '@gobrel/core/deck';
import type { ConnectorStyle } from '@gobrel/core/geometry';
import { messages } from '../../../shared/messages';
import { namesIn } from '@gobrel/core/deck';

/** A line to begin with. */
export interface PresetLine {
  readonly connectorStyle: ConnectorStyle;
  readonly from: LineHead;
  readonly to: LineHead;
}

const presets: Readonly<Record<keyof typeof messages.lines.presets, PresetLine & { readonly sample: string }>> = {
  line: { connectorStyle: 'straight', from: 'none', to: 'none', sample: 'M6 30L54 10' },
  arrow: { connectorStyle: 'straight', from: 'none', to: 'triangle', sample: 'M6 30L54 10M42 8l12 2-7 10' },
  both: {
    connectorStyle: 'straight',
    from: 'triangle',
    to: 'triangle',
    sample: 'M6 20H54M14 12l-8 8 8 8M46 12l8 8-8 8',
  },
  elbow: { connectorStyle: 'elbow', from: 'none', to: 'triangle', sample: 'M6 32H30V10H54M46 3l8 7-8 7' },
  curve: { connectorStyle: 'curve', from: 'none', to: 'triangle', sample: 'M6 32Q24-6 54 16M43 16l11 0-3-10' },
};

export function LinePicker({ onPick }: { onPick: (line: PresetLine) => void }) {
  return (
    <>
      <div role="group" aria-label={messages.lines.title} className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {namesIn(messages.lines.presets).map((key) => {
          const name = messages.lines.presets[key];
          const { sample, ...line } = presets[key];
          return (
            <button
              key={key}
              type="button"
              onClick={() => onPick(line)}
              className="flex flex-col items-center gap-1 rounded-md border border-edge p-3 font-semibold hover:border-ink"
            >
              <svg width="60" height="40" viewBox="0 0 60 40" aria-hidden="true">
                <path
                  d={sample}
                  fill="none"
                  stroke="currentColor"
                  strokeWidth={3}
                  strokeLinejoin="round"
                  strokeLinecap="round"
                />
              </svg>
              {name}
            </button>
          );
        })}
      </div>
      <p className="mt-3 text-sm text-soft">{messages.lines.tieHint}</p>
    </>
  );
}
