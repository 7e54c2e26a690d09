/** Words in which nothing is a sign of Markdown. */
export function escaped(text: string): string {
  return (
    text
      .replaceAll(/[\\`*_[\]<>#|~&]/g, (sign) => `\\${sign}`)
      // Of what looks like the end of a link within one, some readers take the outer one apart.
      .replaceAll('\\](', '\\]\\(')
      // What would be a link although nobody made it one.
      .replaceAll(/(https?|ftp)(?=:\/\/)/gi, '$1\\')
      .replaceAll(/(www)(?=\.)/gi, '$1\\')
      .replaceAll(/@/g, '\\@')
      .replaceAll(/^(\s*)([-+=])/gm, '$1\\$2')
      .replaceAll(/^(\s*\d+)([.)])(?=\s|$)/gm, '$1\\$2')
  );
}
