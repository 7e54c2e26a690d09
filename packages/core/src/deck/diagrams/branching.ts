/** Trees, from the top down, and mind maps, to both sides of their middle. */
import type { Box } from '../../geometry/index.js';
import { boxAt, type DiagramBox, type DiagramTie, type LaidOutDiagram, tieOf } from './laid-out.js';
import type { DiagramPart } from './typed-list.js';

/** Room between boxes beside each other and between generations, as a part of what a box has. */
const [BESIDE, BELOW] = [0.16, 0.5];
const [WIDEST, HIGHEST] = [260, 110];

/** One part at the top: of several, the first is the one that all others belong to. */
function oneRoot(parts: readonly DiagramPart[]): DiagramPart {
  const [first, ...others] = parts;
  if (!first) return { words: '', parts: [] };
  return { words: first.words, parts: [...first.parts, ...others] };
}

function leavesOf(part: DiagramPart): number {
  return part.parts.length === 0 ? 1 : part.parts.reduce((sum, each) => sum + leavesOf(each), 0);
}

function depthOf(part: DiagramPart): number {
  return 1 + Math.max(0, ...part.parts.map(depthOf));
}

/** A tree: every part stands over the middle of what belongs to it, and all leaves have the same room. */
export function tree(parts: readonly DiagramPart[], room: Box): LaidOutDiagram {
  const root = oneRoot(parts);
  const [leaves, depth] = [leavesOf(root), depthOf(root)];
  const cell = room.width / leaves;
  const width = Math.min(WIDEST, cell * (1 - BESIDE));
  const level = room.height / depth;
  const height = Math.min(HIGHEST, level * (1 - BELOW));
  const top = room.y + (room.height - (depth - 1) * level - height) / 2;
  const boxes: DiagramBox[] = [];
  const ties: DiagramTie[] = [];
  const place = (part: DiagramPart, left: number, at: number): number => {
    const own = boxes.length;
    const middle = left + (leavesOf(part) * cell) / 2;
    boxes.push(
      boxAt({ x: middle - width / 2, y: top + at * level, width, height }, part.words, {
        role: at === 0 ? 'main' : 'plain',
      }),
    );
    let from = left;
    for (const child of part.parts) {
      const to = place(child, from, at + 1);
      ties.push(tieOf(own, to, { fromSide: 'bottom', toSide: 'top', style: 'elbow', head: 'none' }));
      from += leavesOf(child) * cell;
    }
    return own;
  };
  place(root, room.x, 0);
  return { boxes, ties };
}

/** A mind map: branches to the right and to the left of the middle, about as many leaves on each side. */
export function mindMap(parts: readonly DiagramPart[], room: Box): LaidOutDiagram {
  const root = oneRoot(parts);
  const { right, left } = halves(root.parts);
  const sides = [right, left].map((branches) => ({
    branches,
    leaves: branches.reduce((sum, each) => sum + leavesOf(each), 0),
    depth: Math.max(0, ...branches.map(depthOf)),
  }));
  const deepest = Math.max(1, ...sides.map(({ depth }) => depth));
  // The middle, and as many generations to either side, with room for their lines.
  const column = room.width / (2 * deepest + 1);
  const width = Math.min(WIDEST, column * (1 - BESIDE * 2));
  const most = Math.max(1, ...sides.map(({ leaves }) => leaves));
  const height = Math.min(HIGHEST, (room.height / most) * (1 - BESIDE * 1.5));
  const centre = { x: room.x + room.width / 2, y: room.y + room.height / 2 };
  const boxes: DiagramBox[] = [
    boxAt({ x: centre.x - width / 2, y: centre.y - height / 2, width, height }, root.words, {
      role: 'main',
      shape: 'ellipse',
    }),
  ];
  const ties: DiagramTie[] = [];
  sides.forEach(({ branches, leaves }, at) => {
    const way = at === 0 ? 1 : -1;
    const cell = room.height / Math.max(1, leaves);
    const place = (part: DiagramPart, top: number, generation: number, from: number) => {
      const own = boxes.length;
      const x = centre.x + way * generation * column - width / 2;
      const y = top + (leavesOf(part) * cell) / 2 - height / 2;
      boxes.push(boxAt({ x, y, width, height }, part.words, { role: 'plain' }));
      ties.push(
        tieOf(from, own, {
          fromSide: way > 0 ? 'right' : 'left',
          toSide: way > 0 ? 'left' : 'right',
          style: 'curve',
          head: 'none',
        }),
      );
      let next = top;
      for (const child of part.parts) {
        place(child, next, generation + 1, own);
        next += leavesOf(child) * cell;
      }
    };
    let top = room.y;
    for (const branch of branches) {
      place(branch, top, 1, 0);
      top += leavesOf(branch) * cell;
    }
  });
  return { boxes, ties };
}

/** Branches shared out so that both sides have about as many leaves; the first ones are on the right. */
function halves(branches: readonly DiagramPart[]): {
  readonly right: readonly DiagramPart[];
  readonly left: readonly DiagramPart[];
} {
  const all = branches.reduce((sum, each) => sum + leavesOf(each), 0);
  let [sum, at] = [0, 0];
  while (at < branches.length && (sum === 0 || sum + leavesOf(branches[at] ?? EMPTY) / 2 <= all / 2)) {
    sum += leavesOf(branches[at] ?? EMPTY);
    at += 1;
  }
  return { right: branches.slice(0, at), left: branches.slice(at) };
}

const EMPTY: DiagramPart = { words: '', parts: [] };
