/** How the slides are seen: one at a time, all of them, as an outline, or as a map of ways. */
import { LayoutGrid, ListTree, Presentation, Waypoints } from 'lucide-react';
import { Choose } from '../../../ui';
import { words } from '../../../words';

/** The ways of seeing the slides. */
export const seeings = ['slide', 'grid', 'outline', 'map'] as const;

/** A way of seeing the slides. */
export type Seeing = (typeof seeings)[number];

const icons = { slide: Presentation, grid: LayoutGrid, outline: ListTree, map: Waypoints };

export function SeeSwitch({ value, onChange }: { value: Seeing; onChange: (seeing: Seeing) => void }) {
  return (
    <span className="w-48">
      <Choose
        label={words.order.seeing}
        value={value}
        options={seeings.map((each) => {
          const Icon = icons[each];
          return { value: each, name: words.order.sees[each], icon: <Icon size={18} aria-hidden /> };
        })}
        onChange={onChange}
      />
    </span>
  );
}
