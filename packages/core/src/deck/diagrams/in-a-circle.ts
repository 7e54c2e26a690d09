/** A cycle, and sets that overlap. */
import type { Box } from '../../geometry/index.js';
import type { TextAlign } from '../text/rich-text.js';
import { wordsOfPart } from './in-a-row.js';
import { boxAt, type DiagramBox, type LaidOutDiagram, tieOf } from './laid-out.js';
import type { DiagramPart } from './typed-list.js';

/** How much of the way from one box to the next a box may take. */
const TAKEN = 0.62;

/** Boxes around a middle, each with an arrow to the next, and from the last to the first. */
export function cycle(parts: readonly DiagramPart[], room: Box): LaidOutDiagram {
  const count = Math.max(1, parts.length);
  // Wider than high, as words are: boxes on an oval whose rim stays within the room.
  const width = Math.min(260, room.width * 0.3, (Math.PI * room.width * TAKEN) / count);
  const height = Math.min(width * 0.5, room.height * 0.24, (Math.PI * room.height * TAKEN) / count / 1.2);
  const [across, down] = [(room.width - width) / 2, (room.height - height) / 2];
  return {
    boxes: parts.map((part, at) => {
      const angle = (2 * Math.PI * at) / count - Math.PI / 2;
      const x = room.x + room.width / 2 + across * Math.cos(angle) - width / 2;
      const y = room.y + room.height / 2 + down * Math.sin(angle) - height / 2;
      return boxAt({ x, y, width, height }, wordsOfPart(part), { role: at === 0 ? 'main' : 'plain' });
    }),
    ties: parts.length < 2 ? [] : parts.map((_part, at) => tieOf(at, (at + 1) % parts.length)),
  };
}

/** The height of a set's name, as a part of the room. */
const NAME = 0.1;

/**
 * Two or three sets: the first parts of the list are the sets, with what is in each; what comes after them is in all.
 * @param count how many sets there are
 */
export function sets(parts: readonly DiagramPart[], room: Box, count: 2 | 3): LaidOutDiagram {
  const circles = count === 2 ? twoCircles(room) : threeCircles(room);
  const common = parts.slice(count).map(wordsOfPart).join('\n');
  const boxes: DiagramBox[] = [];
  circles.forEach(({ circle }, at) => {
    const part = parts[at];
    if (part) boxes.push(boxAt(circle, '', { role: 'set', shape: 'ellipse' }));
  });
  circles.forEach(({ name, own, align }, at) => {
    const part = parts[at];
    if (!part) return;
    boxes.push(boxAt(name, part.words, { role: 'words', align }));
    const inside = part.parts.map(wordsOfPart).join('\n');
    if (inside !== '') boxes.push(boxAt(own, inside, { role: 'words' }));
  });
  const middle = count === 2 ? middleOfTwo(room) : middleOfThree(room);
  if (common !== '') boxes.push(boxAt(middle, common, { role: 'words' }));
  return { boxes, ties: [] };
}

interface SetPlaces {
  readonly circle: Box;
  readonly name: Box;
  /** How its name is set, so that it stands by its circle. */
  readonly align: TextAlign;
  /** Where only what is in this set stands. */
  readonly own: Box;
}

function twoCircles({ x, y, width, height }: Box): readonly SetPlaces[] {
  const names = height * NAME;
  const size = Math.min(height - names - 8, width * 0.6);
  const left = x + width / 2 - size * 0.82;
  return [0, 1].map((at) => {
    const circle = { x: left + at * size * 0.64, y: y + names + 8, width: size, height: size };
    const own = at === 0 ? circle.x + size * 0.08 : circle.x + size * 0.42;
    return {
      circle,
      align: 'center' as const,
      name: { x: at === 0 ? circle.x : circle.x + size * 0.36, y, width: size * 0.64, height: names },
      own: { x: own, y: circle.y + size * 0.28, width: size * 0.5 - size * 0.02, height: size * 0.44 },
    };
  });
}

function middleOfTwo({ x, y, width, height }: Box): Box {
  const names = height * NAME;
  const size = Math.min(height - names - 8, width * 0.6);
  // Both circles share the stretch from the right one's left to the left one's right.
  return { x: x + width / 2 - size * 0.15, y: y + names + 8 + size * 0.3, width: size * 0.3, height: size * 0.4 };
}

function threeCircles({ x, y, width, height }: Box): readonly SetPlaces[] {
  const size = Math.min(height * 0.62, width * 0.42);
  const middle = x + width / 2;
  const low = y + height - size;
  const at = (left: number, top: number) => ({ x: left, y: top, width: size, height: size });
  const [top, left, right] = [at(middle - size / 2, y), at(middle - size * 0.86, low), at(middle - size * 0.14, low)];
  const beside = { width: Math.max(90, middle - size * 0.86 - x - 12), height: 48 };
  return [
    {
      circle: top,
      align: 'left',
      name: { x: middle + size * 0.52, y: y + size * 0.1, ...beside },
      own: { x: middle - size * 0.3, y: y + size * 0.1, width: size * 0.6, height: size * 0.36 },
    },
    {
      circle: left,
      align: 'right',
      name: { x: left.x - beside.width - 8, y: low + size * 0.42, ...beside },
      own: { x: left.x + size * 0.06, y: low + size * 0.48, width: size * 0.44, height: size * 0.34 },
    },
    {
      circle: right,
      align: 'left',
      name: { x: right.x + size + 8, y: low + size * 0.42, ...beside },
      own: { x: right.x + size * 0.5, y: low + size * 0.48, width: size * 0.44, height: size * 0.34 },
    },
  ];
}

function middleOfThree({ x, y, width, height }: Box): Box {
  const size = Math.min(height * 0.62, width * 0.42);
  const low = y + height - size;
  return {
    x: x + width / 2 - size * 0.2,
    y: low + size * 0.13,
    width: size * 0.4,
    height: Math.max(40, y + size - low - size * 0.2),
  };
}
