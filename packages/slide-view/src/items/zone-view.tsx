/** Draws a zone: its outline, its slots, its label. */
import { type BoxLook, nameOf, shapePath, type ZoneItem } from '@gobrel/core/deck';
import { headerOf, insideOf, slotsOf } from '@gobrel/core/work';
import { useSlideTheme } from '../slide-theme.js';
import { useSurroundings } from '../surroundings.js';
import { Words } from '../words.js';
import type { ItemProps } from './item-props.js';

export function ZoneView({ item, fillIn }: ItemProps<ZoneItem>) {
  const { pieces } = useSurroundings().words;
  const { x, y, width, height } = item.frame;
  const inside = insideOf(item);
  const look = useSlideTheme()?.boxes?.zone ?? null;
  const weight = look?.weight ?? 3;
  const lying = fillIn ? Object.values(fillIn.work.pieces).filter(({ zoneId }) => zoneId === item.id).length : 0;
  const spoken =
    fillIn && nameOf(item) ? { role: 'group', 'aria-label': pieces.zone(nameOf(item), lying, item.capacity) } : {};
  return (
    <div className="gv-zone" data-zone={item.id} {...spoken}>
      <svg className="gv-outline" width={width} height={height} aria-hidden="true">
        <path
          d={shapePath(item.shape, width - weight, height - weight, look?.corner)}
          transform={`translate(${weight / 2} ${weight / 2})`}
          style={look ? zoneStroke(look) : undefined}
        />
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
          <Words text={item.label} />
        </span>
      )}
    </div>
  );
}

/** The edge of a zone as its theme has it; its colours are variables of the theme. */
function zoneStroke({ weight, dash }: BoxLook) {
  return {
    strokeWidth: weight,
    strokeDasharray: dash.length === 0 ? 'none' : dash.join(' '),
    strokeLinecap: dash.length === 0 ? 'butt' : 'round',
  } as const;
}
