/** The scale of a question that is answered by a place along it. */
import type { PointAxis, PointItem } from '@gobrel/core/deck';
import { Field } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { Group, NumberField } from '../parts';
import { type SetFields, Tick } from './fields';

const START: PointAxis = { from: 0, to: 10, unit: '', upright: false, right: null, tolerance: 0.5 };

export function ScaleFields({ item, set }: { item: PointItem; set: SetFields }) {
  const says = messages.questions;
  const { axis } = item;
  const change = (fields: Partial<PointAxis>) => axis && set({ axis: { ...axis, ...fields } });
  return (
    <Group title={says.onScale}>
      <Tick label={says.onScale} checked={axis !== null} onChange={(on) => set({ axis: on ? START : null })} />
      {axis ? (
        <>
          <div className="grid grid-cols-2 gap-1">
            <NumberField
              label={says.scaleFrom}
              value={axis.from}
              onChange={(from) => from !== axis.to && change({ from })}
            />
            <NumberField label={says.scaleTo} value={axis.to} onChange={(to) => to !== axis.from && change({ to })} />
          </div>
          <Field label={says.scaleUnit} value={axis.unit} onChange={(event) => change({ unit: event.target.value })} />
          <Tick label={says.scaleUpright} checked={axis.upright} onChange={(upright) => change({ upright })} />
          <Tick
            label={says.noRight}
            checked={axis.right === null}
            onChange={(none) => change({ right: none ? null : (axis.from + axis.to) / 2 })}
          />
          {axis.right === null ? null : (
            <div className="grid gap-1">
              <NumberField
                label={says.scaleRight}
                value={axis.right}
                step={0.1}
                onChange={(right) => change({ right })}
              />
              <NumberField
                label={says.scaleTolerance}
                value={axis.tolerance}
                least={0}
                step={0.1}
                onChange={(tolerance) => change({ tolerance })}
              />
            </div>
          )}
        </>
      ) : null}
    </Group>
  );
}
