/** Which piece lay in which zone how often: a table of pieces and zones. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { tallyPlacements } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { messages, slideName } from '../../../../shared/messages';

interface PlacementAnswersProps {
  readonly edition: Deck;
  readonly slideId: SlideId;
  readonly works: readonly Work[];
}

export function PlacementAnswers({ edition, slideId, works }: PlacementAnswersProps) {
  const { zones, pieces, answered } = tallyPlacements(edition, slideId, works);
  if (pieces.length === 0) return null;
  const name = slideName(edition, slideId);
  return (
    <figure className="min-w-0 rounded-md border border-rule bg-card p-4">
      <figcaption className="mb-2">
        <span className="block font-display text-lg font-bold">{messages.board.placements({ slide: name })}</span>
        <span className="text-sm text-soft">{messages.board.answered({ count: answered })}</span>
      </figcaption>
      {/* A wide table is scrolled by keys too. */}
      <div
        className="overflow-x-auto"
        role="region"
        aria-label={messages.board.placements({ slide: name })}
        tabIndex={0}
      >
        <table className="border-collapse text-left">
          <thead>
            <tr className="border-b border-rule text-sm text-soft">
              <th scope="col" className="px-2 py-1 font-semibold">
                {messages.board.piece}
              </th>
              {zones.map((zone, at) => (
                <th key={zone.id} scope="col" className="px-2 py-1 text-center font-semibold">
                  {zone.name || messages.pieces.unnamedZone({ place: at + 1 })}
                  {zone.place === null ? null : (
                    <span className="block">{messages.board.place({ place: zone.place })}</span>
                  )}
                </th>
              ))}
              <th scope="col" className="px-2 py-1 text-center font-semibold">
                {messages.board.outside}
              </th>
            </tr>
          </thead>
          <tbody>
            {pieces.map((piece) => (
              <tr key={piece.id} className="border-b border-rule">
                <th scope="row" className="px-2 py-1">
                  {piece.name || messages.pieces.unnamed}
                </th>
                {piece.counts.map((count, at) => (
                  <td
                    key={zones[at]?.id}
                    className={`px-2 py-1 text-center tabular-nums ${piece.right[at] ? 'font-bold' : count === 0 ? 'text-soft' : ''}`}
                    style={{
                      background: `color-mix(in srgb, ${piece.right[at] ? 'var(--reed)' : 'var(--clay)'} ${answered === 0 ? 0 : Math.round((count / answered) * 28)}%, transparent)`,
                    }}
                  >
                    {piece.right[at] ? '✓ ' : ''}
                    {count}
                  </td>
                ))}
                <td className="px-2 py-1 text-center tabular-nums text-soft">{piece.outside}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </figure>
  );
}
