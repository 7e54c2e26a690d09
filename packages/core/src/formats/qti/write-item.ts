/** A question as an item of 1EdTech QTI 3.0 (Assessment, Section and Item Information Model 3.0, 2022). */
import type { ChoiceItem, NumberItem, OwnFields, PointItem } from '../../deck/index.js';
import type { Loss } from '../loss.js';
import type { AskedDraftOf, AskedKind, PlacementDraft, QuestionDraft } from '../question-draft.js';
import { write, type Written, writeXml } from '../xml/index.js';

const NAMESPACE = 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0';
const TEMPLATES = 'https://purl.imsglobal.org/spec/qti/v3p0/rptemplates';

/** The parts in which items differ. */
interface Parts {
  readonly response: Written;
  readonly body: readonly Written[];
  /** The template by which it is marked, or rules of its own; `null` when a person marks it. */
  readonly marking: 'map_response' | 'map_response_point' | Written | null;
  readonly points: number;
}

/** The picture that an item shows: its file in the package, and its size in pixels. */
export interface ItemPicture {
  readonly file: string;
  readonly type: string;
  readonly width: number;
  readonly height: number;
}

/** The item as XML, or why QTI has no counterpart for the question. */
export function writeQtiItem(
  draft: QuestionDraft,
  identifier: string,
  pictureOf: (id: string) => ItemPicture | null,
): { readonly xml: string } | { readonly why: Loss } {
  const parts = partsOf(draft, pictureOf);
  if ('code' in parts) return { why: parts };
  const { response, body, marking, points } = parts;
  const outcome = (id: string, value: number) =>
    write(
      'qti-outcome-declaration',
      { identifier: id, cardinality: 'single', 'base-type': 'float' },
      write('qti-default-value', {}, write('qti-value', {}, String(value))),
    );
  const processing =
    marking === null
      ? []
      : typeof marking === 'string'
        ? [write('qti-response-processing', { template: `${TEMPLATES}/${marking}` })]
        : [marking];
  const root = write(
    'qti-assessment-item',
    { xmlns: NAMESPACE, identifier, title: draft.name, adaptive: 'false', 'time-dependent': 'false' },
    response,
    outcome('SCORE', 0),
    outcome('MAXSCORE', points),
    write('qti-item-body', {}, ...body),
    ...processing,
  );
  return { xml: writeXml(root) };
}

/** The table of question kinds in QTI: the parts of an item, or why it has no counterpart for them. */
const partsByKind: {
  readonly [K in AskedKind]: (
    fields: Partial<OwnFields<K>>,
    name: string,
    pictureOf: (id: string) => ItemPicture | null,
  ) => Parts | Loss;
} = {
  choice: choiceParts,
  'short-text': (fields) => wordsParts(fields, fields.prompt ?? ''),
  'long-text': longTextParts,
  blank: wordsParts,
  number: numberParts,
  point: (fields, _name, pictureOf) => pointParts(fields, pictureOf),
  draw: (fields, _name, pictureOf) => drawParts(fields, pictureOf),
  spoken: () => ({ code: 'no-speaking' }),
};

function partsOf(draft: QuestionDraft, pictureOf: (id: string) => ItemPicture | null): Parts | Loss {
  if (draft.kind === 'placement') return placementParts(draft);
  const parts = <K extends AskedKind>({ kind, fields, name }: AskedDraftOf<K>) =>
    partsByKind[kind](fields, name, pictureOf);
  return parts(draft);
}

function longTextParts({ prompt = '', mostWords = 0, points = 1 }: Partial<OwnFields<'long-text'>>): Parts {
  return {
    response: declare('string', 'single', []),
    body: [
      write(
        'qti-extended-text-interaction',
        { 'response-identifier': 'RESPONSE', 'expected-length': Math.max(200, mostWords * 7) },
        write('qti-prompt', {}, prompt),
      ),
    ],
    marking: null,
    points,
  };
}

function drawParts(fields: Partial<OwnFields<'draw'>>, pictureOf: (id: string) => ItemPicture | null): Parts | Loss {
  const { picture = '', prompt = '', alt = '', points = 1 } = fields;
  const shown = pictureOf(picture);
  if (!shown) return { code: 'draws-on-pictures' };
  return {
    response: declare('file', 'single', []),
    body: [
      write(
        'qti-drawing-interaction',
        { 'response-identifier': 'RESPONSE' },
        write('qti-prompt', {}, prompt),
        object(shown, alt),
      ),
    ],
    marking: null,
    points,
  };
}

function declare(type: string, cardinality: string, correct: readonly string[], ...more: Written[]): Written {
  const values = correct.map((value) => write('qti-value', {}, value));
  return write(
    'qti-response-declaration',
    { identifier: 'RESPONSE', cardinality, 'base-type': type },
    ...(values.length > 0 ? [write('qti-correct-response', {}, ...values)] : []),
    ...more,
  );
}

/** QTI's identifiers begin with a letter. */
const choiceId = (at: number) => `choice-${at + 1}`;

function choiceParts(fields: Partial<OwnFields<'choice'>>): Parts | Loss {
  const { choices = [], right = [], several = false, shuffled = false, prompt = '', points = 1 } = fields;
  if (choices.some(({ picture }) => picture !== undefined)) return { code: 'choices-are-pictures' };
  const correct = choices.flatMap(({ id }, at) => (right.includes(id) ? [choiceId(at)] : []));
  const share = correct.length === 0 ? 0 : points / correct.length;
  const mapping = write(
    'qti-mapping',
    { 'lower-bound': 0, 'upper-bound': points, 'default-value': 0 },
    ...choices.map((choice, at) =>
      write('qti-map-entry', { 'map-key': choiceId(at), 'mapped-value': right.includes(choice.id) ? share : -share }),
    ),
  );
  return {
    response: declare(
      'identifier',
      several ? 'multiple' : 'single',
      correct,
      ...(several && share > 0 ? [mapping] : []),
    ),
    body: [
      write(
        'qti-choice-interaction',
        { 'response-identifier': 'RESPONSE', 'max-choices': several ? 0 : 1, shuffle: String(shuffled) },
        write('qti-prompt', {}, prompt),
        ...choices.map(({ text }: ChoiceItem['choices'][number], at) =>
          write('qti-simple-choice', { identifier: choiceId(at) }, text),
        ),
      ),
    ],
    marking: correct.length === 0 ? null : several ? 'map_response' : markedByKey(points),
    points,
  };
}

function wordsParts(fields: Partial<OwnFields<'short-text'> & OwnFields<'blank'>>, prompt: string): Parts {
  const { options = [], accepted = [], caseMatters = false, points = 1 } = fields;
  const wanted = accepted.filter((words) => words.trim() !== '');
  if (options.length > 0) {
    const right = options.findIndex((option) => wanted.includes(option));
    return {
      response: declare('identifier', 'single', right < 0 ? [] : [choiceId(right)]),
      body: [
        write(
          'p',
          {},
          prompt,
          write(
            'qti-inline-choice-interaction',
            { 'response-identifier': 'RESPONSE', shuffle: 'false' },
            ...options.map((option, at) => write('qti-inline-choice', { identifier: choiceId(at) }, option)),
          ),
        ),
      ],
      marking: right < 0 ? null : markedByKey(points),
      points,
    };
  }
  const mapping = write(
    'qti-mapping',
    { 'lower-bound': 0, 'upper-bound': points, 'default-value': 0 },
    ...wanted.map((words) =>
      write('qti-map-entry', { 'map-key': words, 'mapped-value': points, 'case-sensitive': String(caseMatters) }),
    ),
  );
  return {
    response: declare('string', 'single', wanted.slice(0, 1), ...(wanted.length > 0 ? [mapping] : [])),
    body: [
      write('p', {}, prompt),
      write('p', {}, write('qti-text-entry-interaction', { 'response-identifier': 'RESPONSE' })),
    ],
    marking: wanted.length > 0 ? 'map_response' : null,
    points,
  };
}

function numberParts(fields: Partial<OwnFields<'number'>>): Parts {
  const { prompt = '', right = null, tolerance = 0, toleranceIs = 'absolute', units = [], points = 1 } = fields;
  const unit = (units as NumberItem['units'])[0]?.name;
  return {
    response: declare('float', 'single', right === null ? [] : [String(right)]),
    body: [
      write('p', {}, prompt),
      write(
        'p',
        {},
        write('qti-text-entry-interaction', { 'response-identifier': 'RESPONSE' }),
        ...(unit === undefined ? [] : [write('span', { class: 'unit' }, unit)]),
      ),
    ],
    marking: right === null ? null : markedWithin(tolerance, toleranceIs, points),
    points,
  };
}

/** All points for the key. (The template for this gives one point, however many the question is worth.) */
function markedByKey(points: number): Written {
  return pointsIf(write('qti-match', {}, variable(), write('qti-correct', { identifier: 'RESPONSE' })), points);
}

/** Right within a tolerance, which QTI gives in per cent when it is relative. */
function markedWithin(tolerance: number, is: NumberItem['toleranceIs'], points: number): Written {
  const room = is === 'relative' ? tolerance * 100 : tolerance;
  const within = { 'tolerance-mode': is, tolerance: `${room} ${room}` };
  return pointsIf(write('qti-equal', within, variable(), write('qti-correct', { identifier: 'RESPONSE' })), points);
}

function variable(): Written {
  return write('qti-variable', { identifier: 'RESPONSE' });
}

function pointsIf(holds: Written, points: number): Written {
  const given = write('qti-base-value', { 'base-type': 'float' }, String(points));
  const earned = write('qti-set-outcome-value', { identifier: 'SCORE' }, given);
  const condition = write('qti-response-condition', {}, write('qti-response-if', {}, holds, earned));
  return write('qti-response-processing', {}, condition);
}

function pointParts(fields: Partial<OwnFields<'point'>>, pictureOf: (id: string) => ItemPicture | null): Parts | Loss {
  const { axis = null, mark = 'dot', most = 1, regions = [], prompt = '', alt = '', points = 1 } = fields;
  const picture = pictureOf(fields.picture ?? '');
  if (axis) return { code: 'no-scale' };
  if (mark === 'line' || mark === 'arrow') return { code: 'no-lines' };
  if (!picture) return { code: 'points-at-pictures' };
  const { width, height } = picture;
  const share = regions.length === 0 ? 0 : points / (mark === 'dot' ? 1 : regions.length);
  const area = ({ shape, x, y, width: wide, height: high }: PointItem['regions'][number]) => {
    const round = (value: number) => Math.round(value);
    const coords =
      shape === 'box'
        ? [x * width, y * height, (x + wide) * width, (y + high) * height]
        : [(x + wide / 2) * width, (y + high / 2) * height, (wide / 2) * width, (high / 2) * height];
    return write('qti-area-map-entry', {
      shape: shape === 'box' ? 'rect' : 'ellipse',
      coords: coords.map(round).join(','),
      'mapped-value': share,
    });
  };
  const mapping = write(
    'qti-area-mapping',
    { 'lower-bound': 0, 'upper-bound': points, 'default-value': mark === 'dots' ? -share : 0 },
    ...regions.map(area),
  );
  return {
    response: declare('point', mark === 'dots' ? 'multiple' : 'single', [], ...(regions.length > 0 ? [mapping] : [])),
    body: [
      write(
        'qti-select-point-interaction',
        { 'response-identifier': 'RESPONSE', 'max-choices': mark === 'dots' ? most : 1 },
        write('qti-prompt', {}, prompt),
        object(picture, alt),
      ),
    ],
    marking: regions.length > 0 ? 'map_response_point' : null,
    points,
  };
}

function object({ file, type, width, height }: ItemPicture, alt: string): Written {
  return write('object', { data: file, type, width, height }, alt);
}

function placementParts({ prompt, pieces, zones, points }: PlacementDraft): Parts {
  const pieceId = (at: number) => `piece-${at + 1}`;
  const [only] = zones;
  if (only && zones.length === 1 && only.inOrder && only.belongs.length === pieces.length) {
    return {
      response: declare('identifier', 'ordered', only.belongs.map(pieceId)),
      body: [
        write(
          'qti-order-interaction',
          { 'response-identifier': 'RESPONSE', shuffle: 'true' },
          write('qti-prompt', {}, prompt),
          ...pieces.map((words, at) => write('qti-simple-choice', { identifier: pieceId(at) }, words)),
        ),
      ],
      marking: markedByKey(points * pieces.length),
      points: points * pieces.length,
    };
  }
  const pairs = zones.flatMap(({ belongs }, zone) => belongs.map((at) => `${pieceId(at)} zone-${zone + 1}`));
  const mapping = write(
    'qti-mapping',
    { 'lower-bound': 0, 'upper-bound': points * pairs.length, 'default-value': -points },
    ...pairs.map((pair) => write('qti-map-entry', { 'map-key': pair, 'mapped-value': points })),
  );
  const set = (each: readonly string[], id: (at: number) => string, most: number) =>
    write(
      'qti-simple-match-set',
      {},
      ...each.map((words, at) =>
        write('qti-simple-associable-choice', { identifier: id(at), 'match-max': most }, words),
      ),
    );
  return {
    response: declare('directedPair', 'multiple', pairs, ...(pairs.length > 0 ? [mapping] : [])),
    body: [
      write(
        'qti-match-interaction',
        { 'response-identifier': 'RESPONSE', 'max-associations': 0, shuffle: 'true' },
        write('qti-prompt', {}, prompt),
        set(pieces, pieceId, 1),
        set(
          zones.map(({ label }) => label),
          (at) => `zone-${at + 1}`,
          0,
        ),
      ),
    ],
    marking: pairs.length > 0 ? 'map_response' : null,
    points: points * pairs.length,
  };
}
