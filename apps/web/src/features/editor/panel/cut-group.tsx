/** Cutting a picture into a grid of pieces. */
import { cutPicture, type PictureItem } from '@gobrel/core/deck';
import { Scissors } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { Group, NumberField } from './parts';
import { Tick } from './questions';

/** More pieces than this are no fun to put together. */
const MOST = 10;

export function CutGroup({ editing, item }: { editing: Editing; item: PictureItem }) {
  const says = messages.questions;
  const [columns, setColumns] = useState(3);
  const [rows, setRows] = useState(2);
  const [zones, setZones] = useState(true);
  const within = (count: number) => Math.min(MOST, Math.max(1, Math.round(count)));
  return (
    <Group title={says.cut}>
      <div className="grid grid-cols-2 gap-1">
        <NumberField
          label={says.zone.columns}
          value={columns}
          least={1}
          most={MOST}
          onChange={(count) => setColumns(within(count))}
        />
        <NumberField
          label={says.zone.rows}
          value={rows}
          least={1}
          most={MOST}
          onChange={(count) => setRows(within(count))}
        />
      </div>
      <Tick label={says.cutZones} checked={zones} onChange={setZones} />
      <Button
        className="w-full"
        disabled={item.picture === '' || columns * rows < 2}
        onClick={() => {
          editing.run(cutPicture(editing.deck, item.id, { columns, rows, zones, called: says.part }));
          select();
        }}
      >
        <Scissors size={18} aria-hidden /> {says.cutIt({ count: columns * rows })}
      </Button>
    </Group>
  );
}
