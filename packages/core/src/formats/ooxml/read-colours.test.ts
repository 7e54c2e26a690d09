import fc from 'fast-check';
import { decoded } from '../xml/pieces-of-xml.js';
import { colourIn, type ColourScheme, hexOfName, themeColours, USUAL_MAP } from './read-colours.js';

const scheme: ColourScheme = {
  theme: new Map([
    ['dk1', '#000000'],
    ['lt1', '#ffffff'],
    ['dk2', '#44546a'],
    ['lt2', '#e7e6e6'],
    ['accent1', '#4472c4'],
    ['accent2', '#ed7d31'],
    ['accent3', '#a5a5a5'],
    ['accent6', '#70ad47'],
  ]),
  map: USUAL_MAP,
  isUsual: true,
};
const found = (xml: string, of = scheme) => colourIn(decoded(`<a:solidFill>${xml}</a:solidFill>`), of);
const colour = (xml: string, of = scheme) => found(xml, of)?.color;
const apart = (one: string, other: string) =>
  Math.max(
    ...[1, 3, 5].map((at) =>
      Math.abs(Number.parseInt(one.slice(at, at + 2), 16) - Number.parseInt(other.slice(at, at + 2), 16)),
    ),
  );
const hex = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);

test('names of the theme that are ours stay names; others are colours', () => {
  expect(
    ['bg1', 'tx1', 'tx2', 'accent1', 'accent2', 'accent3'].map((name) => colour(`<a:schemeClr val="${name}"/>`)),
  ).toEqual(['ground', 'words', 'soft', 'accent', 'second', 'third']);
  expect(colour('<a:schemeClr val="accent6"/>')).toBe('#70ad47');
  expect(colour('<a:schemeClr val="bg2"/>')).toBe('#e7e6e6');
  expect(colour('<a:schemeClr val="tx1"/>', { ...scheme, isUsual: false })).toBe('#000000');
  expect(colour('<a:schemeClr val="bg1"/>', { ...scheme, isUsual: false, map: new Map([['bg1', 'dk1']]) })).toBe(
    '#000000',
  );
});

test.each([
  // What an accent is called when it is a quarter darker, or three fifths lighter.
  ['<a:schemeClr val="accent1"><a:lumMod val="75000"/></a:schemeClr>', '#2f5597'],
  ['<a:schemeClr val="accent1"><a:lumMod val="40000"/><a:lumOff val="60000"/></a:schemeClr>', '#b4c7e7'],
  ['<a:schemeClr val="bg1"><a:lumMod val="50000"/></a:schemeClr>', '#808080'],
  ['<a:sysClr val="window" lastClr="FFFFFF"/>', '#ffffff'],
  ['<a:prstClr val="teal"/>', '#008080'],
  ['<a:hslClr hue="0" sat="100000" lum="50000"/>', '#ff0000'],
  ['<a:scrgbClr r="100000" g="0" b="0"/>', '#ff0000'],
  ['<a:srgbClr val="336699"><a:inv/></a:srgbClr>', '#cc9966'],
])('%s is %s', (xml, wanted) => {
  expect(apart(colour(xml) ?? '', wanted)).toBeLessThanOrEqual(2);
});

test('a change by nothing changes nothing, by everything goes to the end', () => {
  fc.assert(
    fc.property(hex, (value) => {
      const changed = (change: string) => colour(`<a:srgbClr val="${value.slice(1)}">${change}</a:srgbClr>`) ?? '';
      for (const change of ['lumMod', 'satMod', 'tint', 'shade'])
        expect(apart(changed(`<a:${change} val="100000"/>`), value)).toBeLessThanOrEqual(1);
      expect(changed('<a:shade val="0"/>')).toBe('#000000');
      expect(changed('<a:tint val="0"/>')).toBe('#ffffff');
      expect(changed('<a:lumMod val="0"/>')).toBe('#000000');
    }),
  );
});

test('how much of it is seen is told beside it; per cents are read as well', () => {
  expect(found('<a:srgbClr val="112233"><a:alpha val="40000"/></a:srgbClr>')).toEqual({
    color: '#112233',
    opacity: 0.4,
  });
  expect(found('<a:srgbClr val="112233"><a:alpha val="40%"/></a:srgbClr>')?.opacity).toBeCloseTo(0.4);
  expect(found('<a:srgbClr val="nonsense"/>')).toBeNull();
  expect(colourIn(null, scheme)).toBeNull();
});

test('the six colours of a theme, also where its map turns them round', () => {
  const usual = themeColours(scheme, { ground: '', words: '', soft: '', accent: '', second: '', third: '' });
  expect(usual).toEqual({
    ground: '#ffffff',
    words: '#000000',
    soft: '#44546a',
    accent: '#4472c4',
    second: '#ed7d31',
    third: '#a5a5a5',
  });
  const dark = new Map([...USUAL_MAP, ['bg1', 'dk1'], ['tx1', 'lt1']] as const);
  expect(themeColours({ ...scheme, map: dark }, usual)).toMatchObject({ ground: '#000000', words: '#ffffff' });
  expect(hexOfName('accent', scheme)).toBe('#4472c4');
});
