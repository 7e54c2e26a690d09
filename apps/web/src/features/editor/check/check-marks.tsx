/** Findings where they are: a number and a line around each item concerned, while the check is open. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { useDesk } from '../state/desk';
import { useCheck } from './use-deck-check';

interface CheckMarksProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  readonly scale: number;
}

const colours = { fix: '#9b2242', look: '#8a5a00', easier: '#1d2b2a' } as const;

export function CheckMarks({ deck, slideId, scale }: CheckMarksProps) {
  const isOpen = useDesk((desk) => desk.panelTab === 'check' && desk.panelHidden !== true);
  const findings = useCheck((store) => store.findings);
  if (!isOpen || !findings) return null;
  return (
    <div aria-hidden className="pointer-events-none absolute left-0 top-0">
      {findings.map((finding, at) =>
        finding.slideId === slideId
          ? finding.items.map((id, index) => {
              const frame = deck.items[id]?.frame;
              if (!frame) return null;
              const colour = colours[finding.level];
              return (
                <div
                  key={`${finding.rule} ${id}`}
                  className="absolute rounded-sm border-2 outline-2 outline-[#fffcf5]"
                  style={{
                    borderColor: colour,
                    left: frame.x * scale - 3,
                    top: frame.y * scale - 3,
                    width: frame.width * scale + 6,
                    height: frame.height * scale + 6,
                    transform: `rotate(${String(frame.rotation)}deg)`,
                  }}
                >
                  {index === 0 ? (
                    <span
                      className="says-by-colour absolute -left-3 -top-3 flex size-6 items-center justify-center rounded border-2 border-[#fffcf5] text-xs font-bold text-[#fffcf5]"
                      style={{ background: colour }}
                    >
                      {at + 1}
                    </span>
                  ) : null}
                </div>
              );
            })
          : null,
      )}
    </div>
  );
}
