/** Settings of a viewpoint, and making one of what is selected. */
import {
  addViewpoint,
  type ItemId,
  nameOf,
  newId,
  orderViewpoint,
  setItemFields,
  type ViewpointItem,
  viewpointsOn,
} from '@gobrel/core/deck';
import { boundsOfAll, type Frame } from '@gobrel/core/geometry';
import { ViewpointIcon } from '../../../shared/drawings';
import { Button, Choose, Field } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { Group } from './parts';

export function ViewpointGroup({ editing, item }: { editing: Editing; item: ViewpointItem }) {
  const { deck, run } = editing;
  return (
    <>
      <div className="mb-4">
        <Field
          label={messages.editor.shownName}
          hint={messages.editor.viewpointHint}
          value={item.name}
          maxLength={120}
          onChange={(event) => run([{ type: 'set-item', id: item.id, fields: { name: event.target.value } }])}
        />
      </div>
      <Group title={messages.editor.viewpointIn}>
        <Choose
          label={messages.editor.viewpointIn}
          value={item.order === null ? 'no' : 'yes'}
          options={[
            { value: 'yes', name: messages.editor.viewpointOrders.yes },
            { value: 'no', name: messages.editor.viewpointOrders.no },
          ]}
          onChange={(choice) => run(orderViewpoint(deck, item.id, choice === 'yes' ? Infinity : null))}
        />
      </Group>
      <Group title={messages.editor.viewpointFrame}>
        <Choose
          label={messages.editor.viewpointFrame}
          value={item.framed ? 'yes' : 'no'}
          options={[
            { value: 'yes', name: messages.editor.viewpointFrames.yes },
            { value: 'no', name: messages.editor.viewpointFrames.no },
          ]}
          onChange={(choice) => run(setItemFields(deck, item.id, { framed: choice === 'yes' }))}
        />
      </Group>
    </>
  );
}

/** Room around what a viewpoint is made of, in parts of its longer side. */
const MARGIN = 0.06;

/** Makes a viewpoint of what is selected, with a little room around it. */
export function ViewpointFrom({ editing, ids }: { editing: Editing; ids: readonly ItemId[] }) {
  const { deck, run } = editing;
  const items = ids.flatMap((id) => deck.items[id] ?? []);
  const [first] = items;
  if (!first || items.some((item) => item.kind === 'viewpoint')) return null;
  const make = () => {
    const id = newId();
    const name = nameOf(first) || messages.editor.newViewpoint({ place: viewpointsOn(deck, first.slideId).length + 1 });
    const frame = around(items.map((item) => item.frame));
    run(addViewpoint(deck, { id, slideId: first.slideId, name, frame }));
    select(id);
  };
  return (
    <Button className="mb-2 w-full" onClick={make}>
      <ViewpointIcon size={18} aria-hidden /> {messages.editor.viewpointFrom}
    </Button>
  );
}

function around(frames: readonly Frame[]): Frame {
  const [first] = frames;
  const box = frames.length === 1 && first ? first : (boundsOfAll(frames) ?? { x: 0, y: 0, width: 480, height: 270 });
  const margin = Math.max(box.width, box.height) * MARGIN;
  return {
    x: box.x - margin,
    y: box.y - margin,
    width: box.width + 2 * margin,
    height: box.height + 2 * margin,
    rotation: frames.length === 1 ? (first?.rotation ?? 0) : 0,
  };
}
