/** Settings of a question answered by pointing: with what, at which picture, and where it is right. */
import { type PointItem, pointMarks } from '@gobrel/core/deck';
import { Spotlight } from 'lucide-react';
import { useState } from 'react';
import { Button } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
import { NumberField, PickField } from '../parts';
import { PointsField, PromptField, type SetFields } from './fields';
import { GroundFields } from './ground-fields';
import { RegionsDialog } from './regions-dialog';
import { ScaleFields } from './scale-fields';

export function PointGroup({ item, set }: { item: PointItem; set: SetFields }) {
  const says = messages.questions;
  const [drawing, setDrawing] = useState(false);
  return (
    <>
      <PromptField prompt={item.prompt} set={set} />
      {item.axis ? null : (
        <PickField
          label={says.pointWith}
          value={item.mark}
          onChange={(mark) => set({ mark: pointMarks.find((each) => each === mark) ?? 'dot' })}
        >
          {pointMarks.map((mark) => (
            <option key={mark} value={mark}>
              {says.marks[mark]}
            </option>
          ))}
        </PickField>
      )}
      {item.mark === 'dots' && !item.axis ? (
        <NumberField label={says.mostDots} value={item.most} least={1} most={20} onChange={(most) => set({ most })} />
      ) : null}
      <GroundFields item={item} set={set} />
      <ScaleFields item={item} set={set} />
      {item.axis ? null : (
        <Button className="mb-3 w-full" onClick={() => setDrawing(true)}>
          <Spotlight size={18} aria-hidden /> {says.regions({ count: item.regions.length })}
        </Button>
      )}
      <PointsField item={item} set={set} />
      {drawing ? <RegionsDialog item={item} set={set} onClose={() => setDrawing(false)} /> : null}
    </>
  );
}
