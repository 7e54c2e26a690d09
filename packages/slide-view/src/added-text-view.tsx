/** A text that a student added in an open area. */
import { type PlacedText, workLimits } from '@gobrel/core/work';
import type { FillIn } from './hands.js';
import { boxStyle } from './item-frame.js';
import { useSurroundings } from './surroundings.js';

export function AddedTextView({ added, fillIn }: { added: PlacedText; fillIn?: FillIn | undefined }) {
  const { words } = useSurroundings();
  if (!fillIn || fillIn.locked) {
    return (
      <div className="gv-added" style={boxStyle(added)}>
        {added.text}
      </div>
    );
  }
  return (
    <div style={boxStyle(added)}>
      <textarea
        className="gv-added"
        aria-label={words.yourText}
        placeholder={words.yourText}
        autoFocus={added.text === ''}
        value={added.text}
        onChange={(event) => {
          const text = event.target.value;
          if (text.length > workLimits.added) fillIn.warn(words.tooLong(workLimits.added));
          else fillIn.setAddedText(added.id, text);
        }}
      />
      <button
        type="button"
        className="gv-remove"
        aria-label={words.removeText}
        title={words.removeText}
        onClick={() => fillIn.removeAddedText(added.id)}
      >
        ×
      </button>
    </div>
  );
}
