/** Which folded groups of the panel are open: kept on the device, as an author who needs one needs it again. */
import { create } from 'zustand';

const KEPT_AS = 'gobrel open groups';

export const useOpenGroups = create<{ readonly open: readonly string[] }>(() => ({
  open: (localStorage.getItem(KEPT_AS) ?? '').split(' ').filter((id) => id !== ''),
}));

/** Opens a group, or folds it. */
export function toggleGroup(id: string): void {
  const { open } = useOpenGroups.getState();
  const next = open.includes(id) ? open.filter((other) => other !== id) : [...open, id];
  localStorage.setItem(KEPT_AS, next.join(' '));
  useOpenGroups.setState({ open: next });
}
