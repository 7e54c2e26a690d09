/** Tying a link to what is selected: to the marked words while typing, else to the item or the whole group. */
import {
  type Destination,
  type ItemId,
  nameOf,
  readDestination,
  setLink,
  type SlideId,
  unitsAmong,
} from '@gobrel/core/deck';
import { useState } from 'react';
import { messages } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';

/** What a link is being tied to. */
export interface Linking {
  /** The slide that what it is tied to is on. */
  readonly slideId: SlideId;
  readonly carrier: string;
  readonly present: Destination | null;
  readonly tie: (destination: Destination | null) => void;
}

/** The link being tied, ways to begin with what is selected or with something else, and a way to end. */
export function useLinking(
  editing: Editing,
  selected: readonly ItemId[],
): { linking: Linking | null; begin: () => void; beginWith: (linking: Linking) => void; end: () => void } {
  const [linking, setLinking] = useState<Linking | null>(null);
  const begin = () => {
    const item = editing.deck.items[selected[0] ?? ''];
    if (!item || unitsAmong(editing.deck, selected).length !== 1) return;
    const { typingIn, textEditor } = useDesk.getState();
    if (typingIn === item.id && textEditor && !(textEditor.state.selection.empty && !textEditor.isActive('link'))) {
      if (textEditor.state.selection.empty) textEditor.commands.extendMarkRange('link');
      const { from, to } = textEditor.state.selection;
      setLinking({
        slideId: item.slideId,
        carrier: textEditor.state.doc.textBetween(from, to, ' '),
        present: readDestination(textEditor.getAttributes('link')['destination']),
        tie: (destination) => {
          const chain = textEditor.chain().focus().setTextSelection({ from, to });
          if (destination) chain.setMark('link', { destination }).run();
          else chain.unsetMark('link').run();
        },
      });
      return;
    }
    setLinking({
      slideId: item.slideId,
      carrier: selected.length > 1 ? messages.editor.group : nameOf(item) || messages.kinds[item.kind],
      present: item.link,
      tie: (destination) => editing.run(selected.flatMap((id) => setLink(editing.deck, id, destination))),
    });
  };
  return { linking, begin, beginWith: setLinking, end: () => setLinking(null) };
}
