/** Whether a text is a graph in the DOT language: it says so in its first words. */
export function isDot(text: string): boolean {
  return /^\s*(?:\/\/.*\n|\/\*[\s\S]*?\*\/|#.*\n|\s)*(?:strict\s+)?(?:di)?graph\b[^\n{]*\{/i.test(text);
}
