/** How a submission that was collected when the time was over is told from one that was sent. */

/** The key of a submission that was collected; no device can send one with a colon. */
export function collectedKey(dueAt: number): string {
  return `due:${dueAt}`;
}

/** Whether a submission was collected rather than sent. */
export function isCollected({ key }: { readonly key: string }): boolean {
  return key.startsWith('due:');
}
