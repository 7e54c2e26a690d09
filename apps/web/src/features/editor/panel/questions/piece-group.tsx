/** Settings of a piece: where it belongs, how many of it there are, and how it may be moved. */
import { type Item, itemsOf, nameOf, setBelongs, setPieceBehaviour, zonesOn } from '@gobrel/core/deck';
import { PileIcon, ZoneIcon } from '../../../../shared/drawings';
import { Choose } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import type { Editing } from '../../state/editing';
import { Group, NumberField, PickField } from '../parts';
import { Tick } from './fields';

interface PieceGroupProps {
  readonly editing: Editing;
  /** The item, or one of the loose group. */
  readonly item: Item;
  /** What belongs and moves: the item itself, or its group. */
  readonly pieceId: string;
  /** The items of the piece. */
  readonly ids: readonly string[];
}

const START_OF_PILE = 5;

export function PieceGroup({ editing, item, pieceId, ids }: PieceGroupProps) {
  const says = messages.questions.piece;
  const { deck, run } = editing;
  const zones = zonesOn(deck, item.slideId);
  const home = zones.find((zone) => zone.belongs.includes(pieceId))?.id ?? '';
  const { pile, turns, within } = item.piece;
  const regions = itemsOf(deck, item.slideId).filter(
    (other) => !other.loose && !ids.includes(other.id) && (other.kind === 'shape' || other.kind === 'picture'),
  );
  return (
    <>
      {zones.length === 0 ? (
        <p className="mb-4 text-sm text-soft">{messages.editor.noZones}</p>
      ) : (
        <Group title={messages.editor.belongsInto} icon={ZoneIcon}>
          <select
            aria-label={messages.editor.belongsInto}
            className="min-h-control w-full rounded-md border border-edge bg-card px-2"
            value={home}
            onChange={(event) => run(setBelongs(deck, pieceId, event.target.value || null))}
          >
            <option value="">{messages.editor.belongsNowhere}</option>
            {zones.map((zone, index) => (
              <option key={zone.id} value={zone.id}>
                {nameOf(zone) || messages.pieces.unnamedZone({ place: index + 1 })}
              </option>
            ))}
          </select>
        </Group>
      )}
      <Group title={says.pile} icon={PileIcon}>
        <Choose
          label={says.pile}
          value={pile === 0 ? 'single' : pile === null ? 'endless' : 'some'}
          options={(['single', 'some', 'endless'] as const).map((value) => ({ value, name: says[value] }))}
          onChange={(next) =>
            run(
              setPieceBehaviour(deck, ids, { pile: next === 'single' ? 0 : next === 'endless' ? null : START_OF_PILE }),
            )
          }
        />
        {pile ? (
          <NumberField
            label={says.copies}
            value={pile}
            least={1}
            most={200}
            onChange={(copies) => run(setPieceBehaviour(deck, ids, { pile: Math.max(1, copies) }))}
          />
        ) : null}
        <Tick
          label={says.turns}
          checked={turns}
          onChange={(next) => run(setPieceBehaviour(deck, ids, { turns: next }))}
        />
        {regions.length > 0 ? (
          <PickField
            label={says.within}
            value={within ?? ''}
            onChange={(id) => run(setPieceBehaviour(deck, ids, { within: id || null }))}
          >
            <option value="">{says.anywhere}</option>
            {regions.map((region) => (
              <option key={region.id} value={region.id}>
                {nameOf(region) || messages.kinds[region.kind]}
              </option>
            ))}
          </PickField>
        ) : null}
      </Group>
    </>
  );
}
