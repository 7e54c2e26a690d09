/** How a shape looks: by the theme, or its own outline, fill and line. */
import {
  boxGoingBy,
  boxStyleNames,
  dressed,
  type ItemFields,
  setItemFields,
  type ShapeItem,
  themeOn,
} from '@gobrel/core/deck';
import { Button } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import type { Editing } from '../state/editing';
import { OutlineGroup } from './outline-group';
import { Colours } from './colours';
import { PickField } from './parts';
import { ShapeField } from './shape-field';

export function ShapeGroup({ editing, item }: { editing: Editing; item: ShapeItem }) {
  const { theme, slides } = editing.deck;
  const here = themeOn(theme, slides[item.slideId]?.layout ?? 'blank');
  const set = (fields: ItemFields) => editing.run(setItemFields(editing.deck, item.id, fields));
  const worn = dressed(theme, item);
  const shown = worn.kind === 'shape' ? worn : item;
  return (
    <>
      {theme.boxes ? <BoxStyleField item={item} onChange={(style) => set(boxGoingBy(theme, item, style))} /> : null}
      <ShapeField title={messages.editor.shape} value={shown.shape} onPick={(shape) => set({ shape })} />
      <Colours
        theme={here}
        label={messages.editor.fill}
        value={shown.fill}
        canBeNone
        onChange={(fill) => set({ fill })}
      />
      <OutlineGroup theme={here} item={shown} onChange={set} />
    </>
  );
}

/** Which look of the theme the shape goes by, and a way back to it. */
function BoxStyleField({
  item: { boxStyle, own },
  onChange,
}: {
  item: ShapeItem;
  onChange: (style: ShapeItem['boxStyle']) => void;
}) {
  const { boxStyles } = messages.editor;
  return (
    <div>
      <PickField
        label={messages.editor.boxStyle}
        value={boxStyle ?? ''}
        onChange={(picked) => onChange(boxStyleNames.find((name) => name === picked) ?? null)}
      >
        <option value="">{boxStyles.none}</option>
        {boxStyleNames.map((name) => (
          <option key={name} value={name}>
            {boxStyles[name]}
          </option>
        ))}
      </PickField>
      {boxStyle !== null && own.length > 0 ? (
        <Button look="quiet" className="w-full" onClick={() => onChange(boxStyle)}>
          {messages.textStyles.backTo({ style: boxStyles[boxStyle] })}
        </Button>
      ) : null}
    </div>
  );
}
