/** Settings of a number question: the right number, how far off is still right, and its units. */
import type { MeasuringUnit, NumberItem } from '@gobrel/core/deck';
import { readNumbers } from '@gobrel/core/questions';
import { Choose } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { Group, NumberField } from '../parts';
import { KeyField } from './key-field';
import { LinesField, PointsField, PromptField, type SetFields, Tick } from './fields';

export function NumberGroup({ item, set }: { item: NumberItem; set: SetFields }) {
  const says = messages.questions;
  const isRelative = item.toleranceIs === 'relative';
  return (
    <>
      <PromptField prompt={item.prompt} set={set} />
      <KeyField item={item} set={set} />
      <Group title={says.tolerance}>
        <NumberField
          label={says.tolerance}
          shown=""
          value={isRelative ? item.tolerance * 100 : item.tolerance}
          least={0}
          step={isRelative ? 1 : 0.1}
          onChange={(typed) => set({ tolerance: Math.max(0, isRelative ? typed / 100 : typed) })}
        />
        <Choose
          label={says.tolerance}
          value={item.toleranceIs}
          options={(['absolute', 'relative'] as const).map((value) => ({ value, name: says.toleranceIs[value] }))}
          onChange={(toleranceIs) => set({ toleranceIs, tolerance: 0 })}
        />
      </Group>
      <LinesField
        label={says.units}
        hint={says.unitsHint}
        lines={item.units.map(({ name, worth }, at) => (at === 0 ? name : `${name} = ${worth}`))}
        onChange={(lines) => set({ units: lines.flatMap(readUnit) })}
      />
      {item.units.length > 0 ? (
        <Tick label={says.unitNeeded} checked={item.unitNeeded} onChange={(unitNeeded) => set({ unitNeeded })} />
      ) : null}
      <Tick label={says.fractions} checked={item.fractions} onChange={(fractions) => set({ fractions })} />
      <PointsField item={item} set={set} />
    </>
  );
}

/** A line such as "km = 1000". */
function readUnit(line: string): readonly MeasuringUnit[] {
  const [name = '', worth = ''] = line.split('=').map((part) => part.trim());
  const value = worth === '' ? 1 : (readNumbers(worth)?.values[0] ?? 1);
  return name === '' ? [] : [{ name, worth: value > 0 ? value : 1 }];
}
