/** Draws an open area: students add texts, pictures and stickers to it, and draw on it. */
import { GROUND_WIDTH, type OpenAreaItem } from '@gobrel/core/deck';
import { strokesIn } from '@gobrel/core/questions';
import { useState } from 'react';
import { useSurroundings } from '../surroundings.js';
import { DrawingArea } from './drawing-area.js';
import { INKS, type Tool } from './inks.js';
import type { ItemProps } from './item-props.js';
import { pathOfStroke } from './stroke-path.js';

type Strokes = ReturnType<typeof strokesIn>;

export function OpenAreaView({ item, fillIn }: ItemProps<OpenAreaItem>) {
  const { words } = useSurroundings();
  const { adding } = words;
  const [tool, setTool] = useState<Tool | null>(null);
  const strokes = fillIn ? strokesIn(item, fillIn.work) : [];
  const ratio = item.frame.width / item.frame.height;
  if (!fillIn || fillIn.locked)
    return (
      <div className="gv-open-area">
        {item.hint}
        <Drawn strokes={strokes} ratio={ratio} />
      </div>
    );
  const { askToAdd } = fillIn;
  return (
    <div className="gv-open-room">
      {tool === null ? (
        <button type="button" className="gv-open-area" onClick={() => fillIn.addText(item.id)}>
          {item.hint || words.addText}
          <Drawn strokes={strokes} ratio={ratio} />
        </button>
      ) : (
        <DrawingArea
          item={{ id: item.id, picture: '', alt: item.hint, prompt: adding.pen, ratio }}
          fills
          strokes={strokes}
          hands={{
            tool,
            color: INKS[0],
            draw: (stroke) => fillIn.addStroke({ itemId: item.id, ...stroke }),
            erase: fillIn.removeStrokes,
            say: fillIn.say,
          }}
        />
      )}
      <div className="gv-tools gv-adding" role="toolbar" aria-label={item.hint || adding.tools}>
        {tool === null ? (
          <>
            {askToAdd
              ? (['picture', 'camera', 'sign'] as const).map((what) => (
                  <button key={what} type="button" onClick={() => askToAdd(item.id, what)}>
                    {adding[what]}
                  </button>
                ))
              : null}
            <button type="button" onClick={() => setTool('pen')}>
              {adding.pen}
            </button>
          </>
        ) : (
          <>
            {(['pen', 'eraser'] as const).map((each) => (
              <button key={each} type="button" aria-pressed={tool === each} onClick={() => setTool(each)}>
                {adding[each]}
              </button>
            ))}
            <button type="button" onClick={() => setTool(null)}>
              {adding.done}
            </button>
          </>
        )}
      </div>
    </div>
  );
}

function Drawn({ strokes, ratio }: { strokes: Strokes; ratio: number }) {
  if (strokes.length === 0) return null;
  return (
    <svg className="gv-drawn" viewBox={`0 0 ${GROUND_WIDTH} ${GROUND_WIDTH / ratio}`} aria-hidden="true">
      {strokes.map((stroke) => (
        <path key={stroke.id} d={pathOfStroke(stroke.points)} stroke={stroke.color} strokeWidth={stroke.width} />
      ))}
    </svg>
  );
}
