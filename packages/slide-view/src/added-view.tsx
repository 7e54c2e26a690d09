/** Something that a student added in an open area: written, moved and sized by whoever may fill in. */
import type { Deck } from '@gobrel/core/deck';
import { hardToSee, type PlacedAdded, workLimits } from '@gobrel/core/work';
import { type KeyboardEvent, useRef } from 'react';
import { usePointerDrag } from './dragging/use-pointer-drag.js';
import type { FillIn } from './hands.js';
import { boxStyle } from './item-frame.js';
import { SignLines } from './items/sign-view.js';
import { useSteadyCaret } from './steady-caret.js';
import { useSurroundings } from './surroundings.js';

interface AddedViewProps {
  readonly added: PlacedAdded;
  readonly deck: Deck;
  /** CSS pixels a slide unit. */
  readonly scale: number;
  readonly fillIn?: FillIn | undefined;
}

/** How far arrow keys move it, in slide units; with Shift, finely. How much a press sizes it. */
const STEP = 16;
const FINE = 4;
const LARGER = 1.2;
/** What is moved by less stays, in slide units: a hand trembles. */
const LEAST_MOVE = 1;

export function AddedView({ added, deck, scale, fillIn }: AddedViewProps) {
  const { adding } = useSurroundings().words;
  const box = useRef<HTMLDivElement>(null);
  // A drag moves the element itself; the work is written when it is let go.
  const putBack = () => {
    if (box.current) box.current.style.translate = '';
  };
  const onPointerDown = usePointerDrag<HTMLElement, true>({
    scrolls: true,
    begin: () => true,
    move: (_at, by) => {
      if (box.current) box.current.style.translate = `${by.x / scale}px ${by.y / scale}px`;
    },
    drop: (_at, by) => {
      putBack();
      const [dx, dy] = [by.x / scale, by.y / scale];
      if (Math.hypot(dx, dy) > LEAST_MOVE) fillIn?.moveAdded(added.id, added.x + dx, added.y + dy);
    },
    breakOff: putBack,
  });
  if (!fillIn || fillIn.locked) {
    return (
      <div className="gv-added-box" style={boxStyle(added)}>
        <Content added={added} />
      </div>
    );
  }
  const isHard = hardToSee(deck, added);
  const byKeys = (event: KeyboardEvent) => {
    const step = event.shiftKey ? FINE : STEP;
    const way = { ArrowRight: [step, 0], ArrowLeft: [-step, 0], ArrowDown: [0, step], ArrowUp: [0, -step] }[event.key];
    if (!way) return;
    const [dx = 0, dy = 0] = way;
    fillIn.moveAdded(added.id, added.x + dx, added.y + dy);
    fillIn.say(adding.moved);
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div ref={box} className="gv-added-box" style={boxStyle(added)}>
      {added.kind === 'text' ? <Writing added={added} fillIn={fillIn} /> : <Content added={added} />}
      <div className="gv-added-tools" role="toolbar" aria-label={adding.tools}>
        <button
          type="button"
          className="gv-grip"
          aria-label={adding.move}
          title={adding.move}
          onPointerDown={onPointerDown}
          onKeyDown={byKeys}
        >
          ✥
        </button>
        <Tool name={adding.smaller} sign="−" onPress={() => fillIn.sizeAdded(added.id, 1 / LARGER)} />
        <Tool name={adding.larger} sign="+" onPress={() => fillIn.sizeAdded(added.id, LARGER)} />
        <Tool name={adding.remove} sign="×" onPress={() => fillIn.removeAdded(added.id)} />
      </div>
      {isHard ? (
        <p className="gv-hard" role="status">
          {adding.hardToSee[isHard]}
        </p>
      ) : null}
    </div>
  );
}

function Tool({ name, sign, onPress }: { name: string; sign: string; onPress: () => void }) {
  return (
    <button type="button" aria-label={name} title={name} onClick={onPress}>
      {sign}
    </button>
  );
}

function Content({ added }: { added: PlacedAdded }) {
  const { stickerUrl, words } = useSurroundings();
  switch (added.kind) {
    case 'text':
      return (
        <div className="gv-added" style={{ fontSize: added.size }}>
          {added.text}
        </div>
      );
    case 'picture':
      return (
        <>
          <img
            className="gv-added-picture"
            src={`data:${added.type};base64,${added.bytes}`}
            alt={added.alt || words.adding.unnamed.picture}
            draggable={false}
          />
          {added.credit ? <small className="gv-credit">{added.credit}</small> : null}
        </>
      );
    case 'sign':
      return <SignLines strokes={added.strokes} label={added.alt || words.adding.unnamed.sign} />;
    case 'sticker':
      return (
        <img
          className="gv-added-picture"
          src={stickerUrl(added.sticker)}
          alt={added.alt || words.adding.unnamed.sticker}
          draggable={false}
        />
      );
  }
}

function Writing({ added, fillIn }: { added: PlacedAdded & { readonly kind: 'text' }; fillIn: FillIn }) {
  const { words } = useSurroundings();
  const { note, ...caret } = useSteadyCaret<HTMLTextAreaElement>(added.text);
  return (
    <textarea
      {...caret}
      className="gv-added"
      style={{ fontSize: added.size }}
      aria-label={words.yourText}
      placeholder={words.yourText}
      autoFocus={added.text === ''}
      value={added.text}
      onChange={(event) => {
        note(event);
        const text = event.target.value;
        if (text.length > workLimits.added) fillIn.warn(words.tooLong(workLimits.added));
        else fillIn.setAddedText(added.id, text);
      }}
    />
  );
}
