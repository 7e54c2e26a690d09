/** Whether a slide is filled in below it, since its screen is too narrow for fingers, and with which fields. */
import type { Deck } from '@gobrel/core/deck';
import type { Stop } from '@gobrel/core/show';
import { fieldsOf, type IsFixed, type SlideField } from '@gobrel/core/work';
import type { FillIn } from '@gobrel/slide-view';
import { useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import { goToField } from './fields/field-id';

interface BelowOf {
  readonly edition: Deck;
  readonly stop: Stop;
  readonly fillIn: FillIn;
  readonly isFixed: IsFixed;
  /** Whether there is to be any. */
  readonly wanted: boolean;
}

const nothing: readonly SlideField[] = [];

/** The fields, the hands of the slide above them, and the piece that is being placed. */
export function useFieldsBelow({ edition, stop, fillIn, isFixed, wanted }: BelowOf) {
  const [placing, setPlacing] = useState<string | null>(null);
  const { slideId, appeared } = stop;
  const { work } = fillIn;
  const fields = useMemo(
    () => (wanted ? fieldsOf(edition, work, slideId, appeared, isFixed) : nothing),
    [wanted, edition, work, slideId, appeared, isFixed],
  );
  const hands = useMemo((): FillIn => {
    if (fields.length === 0) return fillIn;
    const show = (id: string) => {
      // A piece that was pressed is being placed: its places must be there to be brought into sight.
      flushSync(() => setPlacing(pieceIds.has(id) ? id : null));
      goToField(id);
    };
    const pieceIds = new Set(
      fields.flatMap((field) => (field.type === 'pieces' ? field.pieces : [])).map(({ id }) => id),
    );
    return { ...fillIn, below: { ids: new Set([...pieceIds, ...fields.flatMap(itemIdsOf)]), show } };
  }, [fields, fillIn]);
  const zonesField = fields.find((field) => field.type === 'pieces');
  const held = zonesField?.pieces.find(({ id }) => id === placing) ?? null;
  return { fields, hands, placing: held ? placing : null, setPlacing, held, zones: zonesField?.zones ?? [] };
}

function itemIdsOf(field: SlideField): readonly string[] {
  switch (field.type) {
    case 'pieces':
      return [];
    case 'sentence':
      return field.parts.flatMap((part) => (typeof part === 'string' ? [] : [part.id]));
    case 'item':
      return [field.item.id];
  }
}
