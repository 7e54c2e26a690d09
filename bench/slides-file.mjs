// A hundred slides with a hundred pictures in Office Open XML: importing against unzipping and parsing the same file, exporting
// against zipping the same bytes.
import { createHash } from 'node:crypto';
import { strFromU8, unzipSync, zipSync } from 'fflate';
import { XMLParser } from 'fast-xml-parser';
import { addItem, addSlide, applyChanges, emptyDeck, plainText } from '@gobrel/core/deck';
import { plainDeck, readPresentation, writeOoxml } from '@gobrel/core/formats';
import { quantile } from './people.mjs';

const SLIDES = 100;
const ROUNDS = 7;
/** Of a picture, in bytes: as a photograph of 1280 x 720 takes. */
const PICTURE = 120_000;

/** Bytes that begin as a JPEG does, and are not to be pressed together. */
function picture(seed) {
  const bytes = new Uint8Array(PICTURE);
  let state = seed + 1;
  for (let at = 0; at < bytes.length; at += 1) {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    bytes[at] = state >>> 24;
  }
  bytes.set([0xff, 0xd8, 0xff, 0xc0, 0, 17, 8, 2, 208, 5, 0]);
  return bytes;
}

function deckOf() {
  const contents = new Map();
  let deck = emptyDeck('A hundred slides');
  for (let number = 0; number < SLIDES; number += 1) {
    const bytes = picture(number);
    const id = createHash('sha256').update(bytes).digest('hex');
    contents.set(id, bytes);
    const slideId = `s${number}`;
    deck = applyChanges(deck, addSlide(deck, { id: slideId, name: `Slide number ${number}` }));
    const put = (options) => (deck = applyChanges(deck, addItem(deck, { slideId, ...options })));
    const frame = (x, y, width, height) => ({ x, y, width, height, rotation: 0 });
    put({
      id: `p${number}`,
      kind: 'picture',
      frame: frame(60, 160, 560, 315),
      fields: { picture: id, pixels: { width: 1280, height: 720 } },
    });
    for (let at = 0; at < 6; at += 1)
      put({
        id: `t${number}-${at}`,
        kind: at % 2 ? 'shape' : 'text',
        frame: frame(660, 120 + at * 90, 540, 80),
        fields: { text: plainText(`The water rises between the reeds, line ${at}`) },
      });
  }
  return { deck, contents };
}

function timed(act) {
  const took = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const began = performance.now();
    act();
    took.push(performance.now() - began);
  }
  return quantile(took, 0.5);
}

/** Gives the line to print. */
export function benchSlidesFile() {
  const { deck, contents } = deckOf();
  const { bytes } = writeOoxml(plainDeck(deck), contents);
  const parser = new XMLParser({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    processEntities: false,
  });
  const files = unzipSync(bytes);
  const bare = () => {
    for (const [path, part] of Object.entries(unzipSync(bytes)))
      if (/\.(xml|rels)$/.test(path)) parser.parse(strFromU8(part));
  };
  const zipping = Object.fromEntries(
    Object.entries(files).map(([path, part]) => [path, /\.(xml|rels)$/.test(path) ? part : [part, { level: 0 }]]),
  );
  const [read, parsed] = [timed(() => readPresentation(bytes, emptyDeck(''))), timed(bare)];
  const [written, zipped] = [timed(() => writeOoxml(plainDeck(deck), contents)), timed(() => zipSync(zipping))];
  const line = (what, own, base, wanted) =>
    `${what} ${own.toFixed(0)} ms, ${(own / base).toFixed(2)} times ${base.toFixed(0)} ms (wanted ${wanted})`;
  return `slides file, 100 slides, 100 pictures, ${(bytes.length / 1e6).toFixed(1)} MB: ${line('import', read, parsed, '5 × unzip and parse')}; ${line('export', written, zipped, '3 × zip')}`;
}
