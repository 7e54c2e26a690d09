/** Whether an item's words run over its box: only the browser knows how high they are. */
import { hasLook, type Item } from '@gobrel/core/deck';
import { overflows } from '@gobrel/slide-view';
import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

/** An element to put on the item, and whether its words have no room in it; measured anew when typing ends. */
export function useOverflow(item: Item, isTypedIn: boolean): [RefObject<HTMLDivElement | null>, boolean] {
  const element = useRef<HTMLDivElement>(null);
  const [runsOver, setRunsOver] = useState(false);
  useLayoutEffect(() => {
    if (!hasLook(item) || isTypedIn) return;
    const boxes = element.current?.querySelectorAll<HTMLElement>('.gv-upright') ?? [];
    setRunsOver([...boxes].some((box) => overflows(box, item.look)));
  }, [item, isTypedIn]);
  return [element, runsOver];
}
