/** The line around a shape or a picture, and how much shines through. */
import type { Dash, ShapeItem, Theme } from '@gobrel/core/deck';
import { Choose } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { Colours } from './colours';
import { NumberField } from './parts';

type Outlined = Pick<ShapeItem, 'outline' | 'outlineWidth' | 'dash' | 'opacity'>;

interface OutlineGroupProps {
  readonly theme: Theme;
  readonly item: Outlined;
  readonly onChange: (fields: Partial<Outlined>) => void;
}

const dashes: readonly Dash[] = ['solid', 'dashed', 'dotted'];
const samples = { solid: undefined, dashed: '6 4', dotted: '0.1 5' } as const;

export function OutlineGroup({ theme, item, onChange }: OutlineGroupProps) {
  return (
    <div className="mb-3">
      <Colours
        theme={theme}
        label={messages.editor.outline}
        value={item.outline}
        onChange={(outline) => onChange(item.outlineWidth > 0 ? { outline } : { outline, outlineWidth: 4 })}
      />
      <div className="mb-1.5 grid grid-cols-2 gap-1.5">
        <NumberField
          label={messages.editor.weight}
          value={item.outlineWidth}
          least={0}
          most={40}
          onChange={(outlineWidth) => onChange({ outlineWidth })}
        />
        <NumberField
          label={messages.editor.opacity}
          value={item.opacity * 100}
          least={0}
          most={100}
          onChange={(percent) => onChange({ opacity: percent / 100 })}
        />
      </div>
      <Choose
        label={messages.editor.dash}
        value={item.dash}
        options={dashes.map((dash) => ({
          value: dash,
          name: messages.editor.dashes[dash],
          icon: (
            <svg width="40" height="8" aria-hidden="true">
              <path
                d="M4 4H36"
                stroke="currentColor"
                strokeWidth={3}
                strokeDasharray={samples[dash]}
                strokeLinecap={dash === 'dotted' ? 'round' : 'butt'}
              />
            </svg>
          ),
        }))}
        onChange={(dash) => onChange({ dash })}
      />
    </div>
  );
}
