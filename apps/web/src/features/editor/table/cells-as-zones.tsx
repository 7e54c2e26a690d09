/** Turning cells of a table into zones, and what is written in them into pieces. */
import { type CellsToTurn, MOST_NEW_PIECES, type TableItem, turnedCells, zonesFromTable } from '@gobrel/core/deck';
import { useState } from 'react';
import { ZoneIcon } from '../../../shared/drawings';
import { Button, Choose, showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { Group } from '../panel/parts';

export function CellsAsZones({ editing, item }: { editing: Editing; item: TableItem }) {
  const says = messages.tables;
  const [chosen, setWhich] = useState<CellsToTurn | null>(null);
  const empty = turnedCells(item, 'empty').length;
  // What fits the table as it is: its empty cells, or all of them when each has been written in.
  const which = chosen ?? (empty > 0 ? 'empty' : 'all');
  const count = turnedCells(item, which).length;
  const turn = () => {
    const { changes, zones } = zonesFromTable(editing.deck, item.id, which, (row, column) => says.at({ row, column }));
    if (zones.length === 0) return showToast(says.tooMany({ most: MOST_NEW_PIECES }), { tone: 'trouble' });
    editing.run(changes);
    select(...zones);
  };
  return (
    <Group title={says.zones}>
      <Choose
        label={says.turn}
        value={which}
        options={(['empty', 'all'] as const).map((value) => ({ value, name: says.turns[value] }))}
        onChange={setWhich}
      />
      <p className="my-1 text-sm text-soft">
        {item.frame.rotation !== 0 ? says.turned : count === 0 ? says.noneToTurn : says.turnHint[which]}
      </p>
      <Button className="w-full" disabled={count === 0 || item.frame.rotation !== 0} onClick={turn}>
        <ZoneIcon size={18} aria-hidden /> {says.make({ count })}
      </Button>
    </Group>
  );
}
