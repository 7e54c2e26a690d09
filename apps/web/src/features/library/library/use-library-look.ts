/** How a library is looked at on this device: as pictures or as a list, and in which order. */
import { useState } from 'react';
import { type Sorting, sortings } from './library-view';

/** As pictures, or as a list. */
export const views = ['grid', 'list'] as const;

/** As pictures, or as a list. */
export type View = (typeof views)[number];

interface Look {
  readonly view: View;
  readonly sorting: Sorting;
}

/** Where it is kept. */
const PLACE = 'library-look';

/** What was chosen on this device before; as usual where nothing was. */
export function readLook(kept: string | null): Look {
  const [view, sorting] = (kept ?? '').split(' ');
  return {
    view: views.find((each) => each === view) ?? 'grid',
    sorting: sortings.find((each) => each === sorting) ?? 'edited',
  };
}

/** How the library is looked at, and a way to change that. */
export function useLibraryLook(): readonly [Look, (fields: Partial<Look>) => void] {
  const [look, setLook] = useState(() => readLook(localStorage.getItem(PLACE)));
  return [
    look,
    (fields) => {
      const next = { ...look, ...fields };
      localStorage.setItem(PLACE, `${next.view} ${next.sorting}`);
      setLook(next);
    },
  ];
}
