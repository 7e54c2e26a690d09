/** Which piece lay in which zone how often: a table of pieces and zones. */
import type { Deck, ZoneItem } from '@gobrel/core/deck';
import { tallyPlacements } from '@gobrel/core/questions';
import { messages, slideName } from '../../../shared/messages';
import { AnswersCard, type AnswersProps } from './answers-card';
import { useChartPlace } from './chart-place';

interface PlacementAnswersProps extends AnswersProps<ZoneItem> {
  readonly edition: Deck;
}

/** All pieces and zones of the slide that a zone is on. */
export function PlacementAnswers({ item, edition, works }: PlacementAnswersProps) {
  const { isKeyShown } = useChartPlace();
  const { zones, pieces, answered } = tallyPlacements(edition, item.slideId, works);
  if (pieces.length === 0) return null;
  const name = slideName(edition, item.slideId);
  const isRight = (right: boolean | undefined) => Boolean(right) && isKeyShown;
  return (
    <AnswersCard item={item} works={works} title={messages.board.placements({ slide: name })} answered={answered}>
      {/* A wide table is scrolled by keys too. */}
      <div
        className="overflow-x-auto"
        role="region"
        aria-label={messages.board.placements({ slide: name })}
        tabIndex={0}
      >
        <table className="w-full border-collapse text-start">
          <thead>
            <tr className="border-b border-rule text-soft">
              <th scope="col" className="px-2 py-1 font-semibold">
                {messages.board.piece}
              </th>
              {zones.map((zone, at) => (
                <th key={zone.id} scope="col" className="px-2 py-1 text-end font-semibold">
                  {zone.name || messages.pieces.unnamedZone({ place: at + 1 })}
                  {zone.place === null ? null : (
                    <span className="block">{messages.board.place({ place: zone.place })}</span>
                  )}
                </th>
              ))}
              <th scope="col" className="px-2 py-1 text-end font-semibold">
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
                    className={`px-2 py-1 text-end tabular-nums ${isRight(piece.right[at]) ? 'font-bold' : count === 0 ? 'text-soft' : ''}`}
                    style={{
                      background: `color-mix(in srgb, ${isRight(piece.right[at]) ? 'var(--reed)' : 'var(--clay)'} ${answered === 0 ? 0 : Math.round((count / answered) * 28)}%, transparent)`,
                    }}
                  >
                    {isRight(piece.right[at]) ? '✓ ' : ''}
                    {count}
                  </td>
                ))}
                <td className="px-2 py-1 text-end tabular-nums text-soft">{piece.outside}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </AnswersCard>
  );
}
