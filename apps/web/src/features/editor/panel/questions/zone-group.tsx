/** Settings of a zone: how pieces lie in it, which belong there, and what becomes of the others. */
import { gridOfZones, nameOf, piecesOn, setBelongs, type ZoneItem, zoneLays } from '@gobrel/core/deck';
import { ArrowUp } from 'lucide-react';
import { useState } from 'react';
import { Button, Choose, Field, IconButton } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { TAKES_TYPING } from '../../keyboard/typing';
import { select } from '../../state/desk';
import type { Editing } from '../../state/editing';
import { Group, NumberField, PickField } from '../parts';
import { ShapeField } from '../shape-field';
import { PointsField, type QuestionGroupProps, Tick } from './fields';

export function ZoneGroup({ editing, item: zone, set }: QuestionGroupProps<ZoneItem>) {
  const says = messages.questions.zone;
  const pieces = piecesOn(editing.deck, zone.slideId);
  const inKeyOrder = zone.inOrder ? [...pieces].sort((a, b) => place(zone, a.id) - place(zone, b.id)) : pieces;
  const moveUp = (id: string) => {
    const at = zone.belongs.indexOf(id);
    const belongs = zone.belongs.filter((other) => other !== id);
    set({ belongs: [...belongs.slice(0, at - 1), id, ...belongs.slice(at - 1)] });
  };
  return (
    <>
      <div className="mb-4">
        <Field
          {...TAKES_TYPING}
          label={messages.editor.label}
          value={zone.label}
          onChange={(event) => set({ label: event.target.value })}
        />
      </div>
      <Group title={messages.editor.belongHere}>
        {pieces.length === 0 ? <p className="text-sm text-soft">{messages.editor.noPieces}</p> : null}
        {inKeyOrder.map(({ id, name }) => (
          <div key={id} className="flex items-center">
            <span className="min-w-0 flex-1">
              <Tick
                label={name || messages.pieces.unnamed}
                checked={zone.belongs.includes(id)}
                onChange={(belongs) => editing.run(setBelongs(editing.deck, id, belongs ? zone.id : null))}
              />
            </span>
            {zone.inOrder && zone.belongs.includes(id) ? (
              <IconButton
                name={says.earlier({ name: name || nameOf(zone) })}
                disabled={zone.belongs[0] === id}
                onClick={() => moveUp(id)}
              >
                <ArrowUp size={16} aria-hidden />
              </IconButton>
            ) : null}
          </div>
        ))}
        {zone.belongs.length > 1 ? (
          <>
            <Choose
              label={says.needs}
              value={zone.needs}
              options={[
                { value: 'all', name: says.needsAll },
                { value: 'one', name: says.needsOne },
              ]}
              onChange={(needs) => set({ needs })}
            />
            {zone.needs === 'all' ? (
              <Tick label={says.order} checked={zone.inOrder} onChange={(inOrder) => set({ inOrder })} />
            ) : null}
          </>
        ) : null}
      </Group>
      <PointsField item={zone} set={set} label={says.points} />
      <PickField
        label={says.lay}
        value={zone.lay}
        onChange={(lay) => set({ lay: zoneLays.find((each) => each === lay) ?? 'packed' })}
      >
        {zoneLays.map((lay) => (
          <option key={lay} value={lay}>
            {says.lays[lay]}
          </option>
        ))}
      </PickField>
      <div className="mb-3">
        <NumberField
          label={says.capacity}
          value={zone.capacity}
          least={0}
          most={60}
          onChange={(capacity) => set({ capacity })}
        />
      </div>
      <Group title={says.takes}>
        <Choose
          label={says.takes}
          value={zone.takes.length > 0 ? 'some' : 'any'}
          options={[
            { value: 'any', name: says.takesAny },
            { value: 'some', name: says.takesSome },
          ]}
          onChange={(takes) => set({ takes: takes === 'some' ? zone.belongs : [] })}
        />
        {zone.takes.length > 0 ? <p className="mt-1 text-sm text-soft">{says.takesHint}</p> : null}
      </Group>
      {zone.takes.length > 0 || zone.capacity > 0 ? (
        <Group title={says.otherwise}>
          <Choose
            label={says.otherwise}
            value={zone.sendsHome ? 'home' : 'stay'}
            options={[
              { value: 'stay', name: says.stay },
              { value: 'home', name: says.home },
            ]}
            onChange={(what) => set({ sendsHome: what === 'home' })}
          />
        </Group>
      ) : null}
      <ShapeField title={says.shape} value={zone.shape} onPick={(shape) => set({ shape })} />
      <ZoneGrid editing={editing} zone={zone} />
    </>
  );
}

function place(zone: ZoneItem, id: string): number {
  const at = zone.belongs.indexOf(id);
  return at < 0 ? Infinity : at;
}

/** Makes a grid of zones out of one, as the cells of a table. */
function ZoneGrid({ editing, zone }: { editing: Editing; zone: ZoneItem }) {
  const says = messages.questions.zone;
  const [columns, setColumns] = useState(3);
  const [rows, setRows] = useState(2);
  return (
    <Group title={says.grid}>
      <div className="mb-1 grid grid-cols-2 gap-1">
        <NumberField label={says.columns} value={columns} least={1} most={10} onChange={setColumns} />
        <NumberField label={says.rows} value={rows} least={1} most={10} onChange={setRows} />
      </div>
      <Button
        className="w-full"
        onClick={() => {
          editing.run(gridOfZones(editing.deck, zone.id, { columns, rows }));
          select();
        }}
      >
        {says.make}
      </Button>
    </Group>
  );
}
