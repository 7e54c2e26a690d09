/** A title as a file's name: without what no system takes. */
export function fileName(title: string): string {
  return (
    title
      .replaceAll(/[\\/:*?"<>|\p{Cc}]/gu, ' ')
      .trim()
      .slice(0, 80) || 'show'
  );
}
