import fc from 'fast-check';
import type { Frame } from '../../geometry/index.js';
import { decoded } from '../xml/pieces-of-xml.js';
import { EMU } from './names.js';
import { type FoundPlace, onSlide, placingIn, readPlace } from './read-place.js';

const emu = (units: number) => Math.round(units * EMU);
const transform = ({ x, y, width, height, rotation }: Frame, more = '', inside = '') =>
  decoded(
    `<a:xfrm rot="${Math.round(rotation * 60_000)}" ${more}><a:off x="${emu(x)}" y="${emu(y)}"/><a:ext cx="${emu(width)}" cy="${emu(height)}"/>${inside}</a:xfrm>`,
  );
const group = (outer: Frame, inner: Omit<Frame, 'rotation'>, more = '') =>
  transform(
    outer,
    more,
    `<a:chOff x="${emu(inner.x)}" y="${emu(inner.y)}"/><a:chExt cx="${emu(inner.width)}" cy="${emu(inner.height)}"/>`,
  );
const at = (frame: Frame): FoundPlace => ({ frame, flippedAcross: false, flippedDown: false });
const side = fc.integer({ min: 10, max: 400 });
const frame = fc.record({
  x: fc.integer({ min: -100, max: 800 }),
  y: fc.integer({ min: -100, max: 600 }),
  width: side,
  height: side,
  rotation: fc.constantFrom(0, 30, 90, 200),
});
const rounded = ({ x, y, width, height, rotation }: Frame) =>
  [x, y, width, height, rotation].map((value) => Math.round(value * 100) / 100 + 0);

test('a place is read as it was written', () => {
  fc.assert(
    fc.property(frame, (given) => {
      expect(rounded(readPlace(transform(given))?.frame ?? given)).toEqual(rounded(given));
    }),
  );
  expect(readPlace(transform({ x: 0, y: 0, width: 1, height: 1, rotation: 0 }, 'flipH="1"'))).toMatchObject({
    flippedAcross: true,
    flippedDown: false,
  });
  expect(readPlace(null)).toBeNull();
  expect(readPlace(decoded('<a:xfrm/>'))).toBeNull();
});

test('a group whose inside is as large as its outside leaves everything where it is', () => {
  fc.assert(
    fc.property(frame, frame, (given, box) => {
      const outer = { ...box, rotation: 0 };
      expect(rounded(placingIn(group(outer, outer), onSlide)(at(given)).frame)).toEqual(rounded(given));
    }),
  );
});

test('a group that is twice as large as its inside makes twice as large what is in it, from its corner', () => {
  fc.assert(
    fc.property(frame, (given) => {
      const inner = { x: 100, y: 50, width: 200, height: 100 };
      const outer = { x: 10, y: 20, width: 400, height: 200, rotation: 0 };
      const upright = { ...given, rotation: 0 };
      expect(rounded(placingIn(group(outer, inner), onSlide)(at(upright)).frame)).toEqual(
        rounded({
          x: 10 + (given.x - 100) * 2,
          y: 20 + (given.y - 50) * 2,
          width: given.width * 2,
          height: given.height * 2,
          rotation: 0,
        }),
      );
    }),
  );
});

test('groups within groups are placed one after the other, turns add up, and mirrors take each other back', () => {
  fc.assert(
    fc.property(frame, (given) => {
      const box = { x: 0, y: 0, width: 400, height: 400, rotation: 0 };
      const quarter = { ...box, rotation: 90 };
      let place = at(given);
      const turned = placingIn(group(quarter, box), onSlide);
      for (let turn = 0; turn < 4; turn += 1) place = turned(place);
      expect(rounded(place.frame)).toEqual(rounded(given));
      const once = placingIn(group(box, box, 'flipH="1"'), onSlide);
      const twice = placingIn(group(box, box, 'flipH="1"'), once);
      expect(once(at(given)).flippedAcross).toBe(true);
      expect({ ...twice(at(given)), frame: rounded(twice(at(given)).frame) }).toEqual({
        ...at(given),
        frame: rounded(given),
      });
    }),
  );
});
