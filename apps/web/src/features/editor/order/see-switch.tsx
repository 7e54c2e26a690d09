/** How the slides are seen: one at a time, all of them, as an outline, as a map of ways, or as a story plan. */
import { LayoutGrid, ListTree, Presentation, ScrollText } from 'lucide-react';
import { RouteIcon } from '../../../shared/drawings';
import { Choose } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

/** The ways of seeing the slides. */
export const seeings = ['slide', 'grid', 'outline', 'map', 'plan'] as const;

/** A way of seeing the slides. */
export type Seeing = (typeof seeings)[number];

const icons = { slide: Presentation, grid: LayoutGrid, outline: ListTree, map: RouteIcon, plan: ScrollText };

export function SeeSwitch({ value, onChange }: { value: Seeing; onChange: (seeing: Seeing) => void }) {
  return (
    <span className="w-56 xl:w-auto">
      <Choose
        named
        label={messages.order.seeing}
        value={value}
        options={seeings.map((each) => {
          const Icon = icons[each];
          return { value: each, name: messages.order.sees[each], icon: <Icon size={18} aria-hidden /> };
        })}
        onChange={onChange}
      />
    </span>
  );
}
