/** An item of QTI 3.0 or 2.x as a question. */
import { cutText, type PointItem, type Region } from '../../deck/index.js';
import type { LostPart, Loss } from '../loss.js';
import type { QuestionDraft } from '../question-draft.js';
import { lossesOf } from './losses.js';
import { isUnit, wordsIn } from './said.js';
import { allWithin, type XmlElement, within } from '../xml/index.js';

/** A question that was read. */
export interface ReadItem {
  readonly draft: QuestionDraft;
  /** The picture it shows, by its file in the package. */
  readonly picture: string | null;
  /** What of the item is not in it. */
  readonly lost: readonly LostPart[];
}

/** A question and its picture, before it is known what was lost. */
type Found = Omit<ReadItem, 'lost'>;

const interactions = [
  'choice-interaction',
  'inline-choice-interaction',
  'text-entry-interaction',
  'extended-text-interaction',
  'select-point-interaction',
  'drawing-interaction',
  'order-interaction',
  'match-interaction',
] as const;

/** Stands where the interaction stands in the text; no XML can hold it. */
const GAP = '\u0001';

/** The question of an item, or why it cannot be one here. */
export function readQtiItem(root: XmlElement): ReadItem | { readonly why: Loss } {
  if (root.name !== 'assessment-item') return { why: { code: 'no-item' } };
  const [body] = within(root, 'item-body');
  if (!body) return { why: { code: 'no-text' } };
  const name = root.attributes['title']?.trim() || root.attributes['identifier'] || '';
  const all = allWithin(body).filter((each) => each.name.endsWith('-interaction'));
  const [first] = all;
  if (!first) return { why: { code: 'asks-nothing' } };
  if (all.length > 1) return { why: { code: 'asks-several' } };
  if (!interactions.some((each) => each === first.name)) return { why: { code: 'no-counterpart', name: first.name } };
  const identifier = first.attributes['response-identifier'] ?? 'RESPONSE';
  const response = within(root, 'response-declaration').find((each) => each.attributes['identifier'] === identifier);
  const points = pointsOf(root, response);
  const prompt = promptOf(body, first);
  const read = readInteraction({ root, first, response, name, prompt, points: Math.min(100, points) });
  if ('why' in read) return read;
  return { ...read, lost: lossesOf({ root, body, interaction: first, response, draft: read.draft, points }) };
}

interface Asked {
  readonly root: XmlElement;
  readonly first: XmlElement;
  readonly response: XmlElement | undefined;
  readonly name: string;
  readonly prompt: string;
  readonly points: number;
}

function readInteraction(asked: Asked): Found | { readonly why: Loss } {
  const { first, response, name, prompt, points } = asked;
  const correct = correctIn(response);
  const bare = (draft: QuestionDraft): Found => ({ draft, picture: null });
  switch (first.name) {
    case 'choice-interaction': {
      const choices = within(first, 'simple-choice').slice(0, 12);
      const several = Number(first.attributes['max-choices'] ?? 1) !== 1;
      const ids = choices.map(({ attributes }) => attributes['identifier'] ?? '');
      const right = ids.flatMap((id, at) => (correct.includes(id) ? [`c${at + 1}`] : []));
      const shuffled = first.attributes['shuffle'] === 'true';
      const written = choices.map((choice, at) => ({ id: `c${at + 1}`, text: cutText(wordsIn(choice), 300) }));
      return bare({ kind: 'choice', name, fields: { prompt, points, choices: written, right, several, shuffled } });
    }
    case 'inline-choice-interaction': {
      const choices = within(first, 'inline-choice');
      const options = choices.map((choice) => wordsIn(choice));
      const accepted = choices.flatMap((choice) =>
        correct.includes(choice.attributes['identifier'] ?? '') ? [wordsIn(choice)] : [],
      );
      return bare({ kind: 'blank', name: prompt || name, fields: { options, accepted, points } });
    }
    case 'text-entry-interaction': {
      const type = response?.attributes['base-type'];
      if (type === 'float' || type === 'integer') return bare(readNumber(asked, correct));
      const keys = entriesIn(response, 'map-entry');
      const mapped = keys.flatMap(({ attributes }) =>
        Number(attributes['mapped-value']) > 0 ? [attributes['map-key'] ?? ''] : [],
      );
      const accepted = [...new Set([...correct, ...mapped])].filter((words) => words !== '');
      const caseMatters = keys.some(({ attributes }) => attributes['case-sensitive'] === 'true');
      return bare({ kind: 'short-text', name, fields: { prompt, points, accepted, caseMatters } });
    }
    case 'extended-text-interaction':
      return bare({ kind: 'long-text', name, fields: { prompt, points } });
    case 'select-point-interaction':
    case 'drawing-interaction':
      return readOnPicture(asked);
    default:
      return bare(readPlacement(asked, correct));
  }
}

function readNumber({ root, first, name, prompt, points }: Asked, correct: readonly string[]): QuestionDraft {
  const right = correct[0] === undefined ? null : Number(correct[0]);
  const [equal] = within(root, 'equal');
  const relative = equal?.attributes['tolerance-mode'] === 'relative';
  const room = Number(equal?.attributes['tolerance']?.trim().split(/\s+/)[0] ?? 0);
  const [body] = within(root, 'item-body');
  const unit = body && within(body, 'span').find(isUnit);
  const asked = prompt || wordsIn(first);
  return {
    kind: 'number',
    name,
    fields: {
      prompt: asked,
      points,
      right: right === null || !Number.isFinite(right) ? null : right,
      tolerance: Number.isFinite(room) ? (relative ? room / 100 : room) : 0,
      toleranceIs: relative ? 'relative' : 'absolute',
      units: unit ? [{ name: wordsIn(unit), worth: 1 }] : [],
    },
  };
}

function readOnPicture({ first, response, name, prompt, points }: Asked): Found | { readonly why: Loss } {
  const [object] = [...within(first, 'object'), ...within(first, 'img')];
  const picture = object?.attributes['data'] ?? object?.attributes['src'] ?? null;
  const alt = object ? object.attributes['alt'] || wordsIn(object) : '';
  if (first.name === 'drawing-interaction')
    return { draft: { kind: 'draw', name, fields: { prompt, points, alt } }, picture };
  const [width, height] = [Number(object?.attributes['width']), Number(object?.attributes['height'])];
  if (!(width > 0) || !(height > 0)) return { why: { code: 'picture-without-size' } };
  const several = Number(first.attributes['max-choices'] ?? 1) !== 1;
  const regions = entriesIn(response, 'area-map-entry').flatMap((entry, at) => regionOf(entry, at, width, height));
  const mark: PointItem['mark'] = several ? 'dots' : 'dot';
  const most = Math.min(20, Math.max(1, Number(first.attributes['max-choices'] ?? 1) || 20));
  return { draft: { kind: 'point', name, fields: { prompt, points, alt, regions, mark, most } }, picture };
}

function regionOf({ attributes }: XmlElement, at: number, width: number, height: number): readonly Region[] {
  const coords = (attributes['coords'] ?? '').split(',').map(Number);
  if (!(Number(attributes['mapped-value']) > 0) || coords.some((each) => !Number.isFinite(each))) return [];
  const within = (share: number) => Math.min(1, Math.max(0, share));
  const box = (left: number, top: number, right: number, bottom: number, shape: Region['shape']): Region => ({
    id: `r${at + 1}`,
    shape,
    x: within(left / width),
    y: within(top / height),
    width: within((right - left) / width),
    height: within((bottom - top) / height),
  });
  const [a = 0, b = 0, c = 0, d = 0] = coords;
  switch (attributes['shape']) {
    case 'rect':
      return [box(a, b, c, d, 'box')];
    case 'circle':
      return [box(a - c, b - c, a + c, b + c, 'oval')];
    case 'ellipse':
      return [box(a - c, b - d, a + c, b + d, 'oval')];
    case 'poly': {
      const [xs, ys] = [coords.filter((_, place) => place % 2 === 0), coords.filter((_, place) => place % 2 === 1)];
      return [box(Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys), 'box')];
    }
    default:
      return [];
  }
}

function readPlacement({ first, name, prompt, points }: Asked, correct: readonly string[]): QuestionDraft {
  if (first.name === 'order-interaction') {
    const choices = within(first, 'simple-choice');
    const ids = choices.map(({ attributes }) => attributes['identifier'] ?? '');
    const belongs = correct.map((id) => ids.indexOf(id)).filter((at) => at >= 0);
    const each = belongs.length > 0 ? points / belongs.length : points;
    return {
      kind: 'placement',
      name,
      prompt,
      points: each,
      pieces: choices.map((choice) => wordsIn(choice)),
      zones: [{ label: cutText(prompt, 100), belongs, inOrder: true }],
    };
  }
  const sets = within(first, 'simple-match-set').map((set) => within(set, 'simple-associable-choice'));
  const [pieces = [], zones = []] = sets;
  const idOf = ({ attributes }: XmlElement) => attributes['identifier'] ?? '';
  const pairs = correct.map((pair) => pair.trim().split(/\s+/));
  const pieceIds = pieces.map(idOf);
  return {
    kind: 'placement',
    name,
    prompt,
    points: pairs.length > 0 ? points / pairs.length : points,
    pieces: pieces.map((piece) => wordsIn(piece)),
    zones: zones.map((zone) => ({
      label: cutText(wordsIn(zone), 100),
      belongs: pairs.flatMap(([piece = '', to]) =>
        to === idOf(zone) && pieceIds.includes(piece) ? [pieceIds.indexOf(piece)] : [],
      ),
      inOrder: false,
    })),
  };
}

function correctIn(response: XmlElement | undefined): readonly string[] {
  const [correct] = response ? within(response, 'correct-response') : [];
  return correct ? within(correct, 'value').map((value) => wordsIn(value)) : [];
}

function entriesIn(response: XmlElement | undefined, name: string): readonly XmlElement[] {
  return response ? within(response, name) : [];
}

/** What is asked: the text around the interaction and its prompt. Where a gap is within the words, it shows as dots. */
function promptOf(body: XmlElement, interaction: XmlElement): string {
  const [prompt] = within(interaction, 'prompt');
  const around = wordsIn(body, (child) => {
    if (child === interaction) return GAP;
    return isUnit(child) && interaction.name === 'text-entry-interaction' ? '' : null;
  });
  const isGap = interaction.name === 'inline-choice-interaction' || interaction.name === 'text-entry-interaction';
  const [before = '', after = ''] = around.split(GAP).map((words) => words.trim());
  const asked = isGap && after !== '' ? [before, '…', after] : [before, after];
  return cutText([...asked, prompt ? wordsIn(prompt) : ''].filter(Boolean).join(' '), 1000);
}

/** The points, as they are said: what the item says is the most, else the upper bound of its mapping, else one. */
function pointsOf(root: XmlElement, response: XmlElement | undefined): number {
  const outcome = within(root, 'outcome-declaration').find(({ attributes }) => attributes['identifier'] === 'MAXSCORE');
  const [value] = outcome ? within(outcome, 'value') : [];
  const [mapping] = [...entriesIn(response, 'mapping'), ...entriesIn(response, 'area-mapping')];
  const said = Number(value ? wordsIn(value) : (mapping?.attributes['upper-bound'] ?? 1));
  return Number.isFinite(said) && said >= 0 ? said : 1;
}
