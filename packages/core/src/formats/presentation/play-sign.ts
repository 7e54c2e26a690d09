/** A picture of a sign to play, for what is heard and has no picture of its own: a PNG (W3C, 3rd edition) made here. */
import { zlibSync } from 'fflate';

/** The side of the sign, in pixels. */
const SIDE = 96;

/** A white sign on a round ground of a colour. @param colour as `#rrggbb` */
export function playSign(colour: string): Uint8Array {
  const ground = [1, 3, 5].map((at) => Number.parseInt(colour.slice(at, at + 2), 16));
  const rows = new Uint8Array(SIDE * (1 + SIDE * 4));
  const middle = SIDE / 2;
  for (let y = 0; y < SIDE; y += 1)
    for (let x = 0; x < SIDE; x += 1) {
      const [dx, dy] = [x + 0.5 - middle, y + 0.5 - middle];
      const isRound = dx * dx + dy * dy < middle * middle;
      const along = (dx + middle * 0.35) / (middle * 0.9);
      const isSign = along >= 0 && along <= 1 && Math.abs(dy) <= middle * 0.5 * (1 - along);
      const at = y * (1 + SIDE * 4) + 1 + x * 4;
      rows.set(isSign ? [255, 255, 255, 255] : isRound ? [...ground, 255] : [0, 0, 0, 0], at);
    }
  const head = new Uint8Array([...number(SIDE), ...number(SIDE), 8, 6, 0, 0, 0]);
  const signature = [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a];
  return new Uint8Array([
    ...signature,
    ...chunk('IHDR', head),
    ...chunk('IDAT', zlibSync(rows)),
    ...chunk('IEND', new Uint8Array()),
  ]);
}

function chunk(name: string, data: Uint8Array): readonly number[] {
  const body = new Uint8Array([...[...name].map((letter) => letter.charCodeAt(0)), ...data]);
  return [...number(data.length), ...body, ...number(crc(body))];
}

function number(value: number): readonly number[] {
  return [24, 16, 8, 0].map((shift) => (value >>> shift) & 0xff);
}

/** The check of a chunk (PNG, annex D), worked out bit by bit. */
function crc(bytes: Uint8Array): number {
  let rest = 0xffffffff;
  for (const byte of bytes) {
    rest ^= byte;
    for (let bit = 0; bit < 8; bit += 1) rest = rest & 1 ? (rest >>> 1) ^ 0xedb88320 : rest >>> 1;
  }
  return ~rest >>> 0;
}
