/** Draws a shape with its words. */
import { type BoxFinish, lettersOf, type ShapeItem, shapePath, shapeRoom } from '@gobrel/core/deck';
import { paint } from '../paint.js';
import type { ItemProps } from './item-props.js';
import { BoxGround, type DrawnBox } from './box-ground.js';
import { dashLengths, outlineStroke } from './outline-stroke.js';
import { TextBox } from './text-box.js';

export function ShapeView({ item, follow }: ItemProps<ShapeItem>) {
  return (
    <>
      <ShapeGround item={item} />
      {lettersOf(item.text) === '' ? null : (
        <div className="gv-shape" style={roomStyle(item)}>
          <TextBox
            text={item.text}
            look={item.look}
            follow={follow}
            width={item.frame.width}
            height={item.frame.height}
          />
        </div>
      )}
    </>
  );
}

/** Where the words of a shape have room, as inline style. */
export function roomStyle(item: ShapeItem) {
  const room = shapeRoom(item.shape);
  const part = (value: number) => `${value * 100}%`;
  return { left: part(room.x), top: part(room.y), width: part(room.width), height: part(room.height) };
}

/** A shape that goes by the theme; dashes that somebody chose grow with the line, as those of any shape. */
function boxOf(item: ShapeItem, finish: BoxFinish): DrawnBox {
  const { shape, fill, outline, outlineWidth: weight, opacity } = item;
  const dash = finish.dash.length > 0 || item.dash === 'solid' ? finish.dash : dashLengths(item.dash, weight);
  return { ...finish, shape, fill, outline, weight, opacity, dash };
}

/** The filled outline; its line lies within the frame. */
function ShapeGround({ item }: { item: ShapeItem }) {
  const { width, height } = item.frame;
  if (item.finish) return <BoxGround box={boxOf(item, item.finish)} width={width} height={height} />;
  const weight = Math.min(item.outlineWidth, width / 2, height / 2);
  return (
    <svg className="gv-outline" width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
      <path
        d={shapePath(item.shape, width - weight, height - weight)}
        transform={`translate(${weight / 2} ${weight / 2})`}
        fill={paint(item.fill)}
        opacity={item.opacity}
        {...outlineStroke(item, weight)}
      />
    </svg>
  );
}
