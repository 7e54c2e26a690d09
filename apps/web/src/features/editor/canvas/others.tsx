/** What other authors do on this slide: what they have selected, and their pointers, each with a name. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { MousePointer2 } from 'lucide-react';
import type { CoAuthor } from '../../../shared/sync';
import { colourOf } from '../authors/co-author-colour';

interface OthersProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  readonly others: readonly CoAuthor[];
  readonly scale: number;
}

export function Others({ deck, slideId, others, scale }: OthersProps) {
  const here = others.filter((other) => other.at === slideId);
  return (
    <div aria-hidden className="pointer-events-none absolute left-0 top-0">
      {here.map((other) => {
        const colour = colourOf(other);
        return (
          <div key={other.client}>
            {other.selected.map((id, index) => {
              const frame = deck.items[id]?.frame;
              if (!frame) return null;
              return (
                <div
                  key={id}
                  className="absolute border-2"
                  style={{
                    borderColor: colour,
                    left: frame.x * scale - 4,
                    top: frame.y * scale - 4,
                    width: frame.width * scale + 8,
                    height: frame.height * scale + 8,
                    transform: `rotate(${frame.rotation}deg)`,
                  }}
                >
                  {index === 0 ? <Tag name={other.name} colour={colour} className="bottom-full -left-0.5" /> : null}
                </div>
              );
            })}
            {other.pointer ? (
              <div
                className="absolute transition-[left,top] duration-100 motion-reduce:transition-none"
                style={{ left: other.pointer.x * scale, top: other.pointer.y * scale, color: colour }}
              >
                <MousePointer2 size={18} fill={colour} />
                <Tag name={other.name} colour={colour} className="left-3 top-4" />
              </div>
            ) : null}
          </div>
        );
      })}
    </div>
  );
}

function Tag({ name, colour, className }: { name: string; colour: string; className: string }) {
  return (
    <span
      className={`says-by-colour absolute whitespace-nowrap rounded px-1 text-xs font-semibold text-[#fffcf5] ${className}`}
      style={{ background: colour }}
    >
      {name}
    </span>
  );
}
