/** Parts of a student's page that come after it, so that it is small; once it is there they are brought for offline use. */
import { loadSlideFields } from '../../walking';

export const loadOverviewDialog = () =>
  import('./overview-dialog').then(({ OverviewDialog }) => ({ default: OverviewDialog }));

export const loadAddDialog = () => import('../adding').then(({ AddDialog }) => ({ default: AddDialog }));

/** Has them all brought; what does not come just now comes when it is asked for. */
export function bringLaterParts(): void {
  for (const load of [loadOverviewDialog, loadAddDialog, loadSlideFields]) load().catch(() => undefined);
}
