/** What a browser says it is, as far as somebody can tell their devices apart by it: no more of it is kept. */

const browsers: readonly (readonly [RegExp, string])[] = [
  [/Firefox\//, 'Firefox'],
  [/Edg\//, 'Edge'],
  [/(?:Chrome|Chromium|HeadlessChrome)\//, 'Chrome'],
  [/Safari\//, 'Safari'],
];
const systems: readonly (readonly [RegExp, string])[] = [
  [/Android/, 'Android'],
  [/iPhone|iPad|iPod/, 'iOS'],
  [/CrOS/, 'ChromeOS'],
  [/Windows/, 'Windows'],
  [/Mac OS X|Macintosh/, 'macOS'],
  [/Linux/, 'Linux'],
];

/** Such as “Firefox, Windows”; '' for what says nothing that is known here. */
export function deviceName(userAgent: string | undefined): string {
  const said = (userAgent ?? '').slice(0, 500);
  const known = [browsers, systems].map((all) => all.find(([sign]) => sign.test(said))?.[1] ?? '');
  return known.filter((part) => part !== '').join(', ');
}
