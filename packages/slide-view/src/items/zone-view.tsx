/** Draws a zone: its outline, its slots, its label. */
import { nameOf, shapePath, type ZoneItem } from '@gobrel/core/deck';
import { headerOf, insideOf, slotsOf } from '@gobrel/core/work';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';

export function ZoneView({ item, fillIn }: ItemProps<ZoneItem>) {
  const { pieces } = useSurroundings().words;
  const { x, y, width, height } = item.frame;
  const inside = insideOf(item);
  const lying = fillIn ? Object.values(fillIn.work.pieces).filter(({ zoneId }) => zoneId === item.id).length : 0;
  const spoken =
    fillIn && nameOf(item) ? { role: 'group', 'aria-label': pieces.zone(nameOf(item), lying, item.capacity) } : {};
  return (
    <div className="gv-zone" data-zone={item.id} {...spoken}>
      <svg className="gv-outline" width={width} height={height} aria-hidden="true">
        <path d={shapePath(item.shape, width - 3, height - 3)} transform="translate(1.5 1.5)" />
        {slotsOf(item).map((slot, at) => (
          <rect
            key={at}
            className="gv-slot"
            x={slot.x - x + 5}
            y={slot.y - y + 5}
            width={Math.max(0, slot.width - 10)}
            height={Math.max(0, slot.height - 10)}
            rx={8}
          />
        ))}
      </svg>
      {item.label === '' ? null : (
        <span
          className="gv-zone-label"
          style={{ left: inside.x - x, top: inside.y - y, width: inside.width, height: headerOf(item) }}
        >
          {item.label}
        </span>
      )}
    </div>
  );
}
