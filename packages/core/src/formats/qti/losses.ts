/** What of an item is not in the question it becomes. */
import { roundedPoints } from '../../deck/index.js';
import type { LostPart } from '../loss.js';
import type { QuestionDraft } from '../question-draft.js';
import { isKeptBack, isUnit, wordsIn } from './said.js';
import { allWithin, within, type XmlElement } from '../xml/index.js';

/** What elements of the text mean that plain words cannot hold. */
const ofElements: readonly { readonly names: readonly string[]; readonly lost: LostPart }[] = [
  { names: ['feedback-inline', 'feedback-block', 'modal-feedback'], lost: 'feedback' },
  { names: ['b', 'strong', 'i', 'em', 'u'], lost: 'emphasis' },
  { names: ['math'], lost: 'formulas' },
  { names: ['audio', 'video', 'media-interaction'], lost: 'media' },
  { names: ['table'], lost: 'tables' },
  { names: ['template-declaration', 'template-processing', 'printed-variable'], lost: 'computed' },
  { names: ['assessment-stimulus-ref'], lost: 'stimulus' },
  { names: ['catalog-info', 'companion-materials-info'], lost: 'helps' },
];

/** Rules by which an item is marked that lead to the same marks here. */
const knownRules = new Set([
  ...['response-condition', 'response-if', 'response-else', 'match', 'equal', 'variable', 'correct'],
  ...['set-outcome-value', 'base-value', 'map-response', 'map-response-point', 'is-null', 'not'],
]);

/** An item, with the question it became. */
interface Carried {
  readonly root: XmlElement;
  readonly body: XmlElement;
  readonly interaction: XmlElement;
  readonly response: XmlElement | undefined;
  readonly draft: QuestionDraft;
  /** The points that the item says, before they were fitted. */
  readonly points: number;
}

/** A part that is lost when something holds. */
function when(isLost: boolean, part: LostPart): readonly LostPart[] {
  return isLost ? [part] : [];
}

/** What is lost, each thing once, in the order of a list; [] when nothing is. */
export function lossesOf(carried: Carried): readonly LostPart[] {
  return [...new Set([...lostFromText(carried), ...lostFromKey(carried), ...lostFromMarking(carried)])];
}

function lostFromText({ root, body, interaction, draft }: Carried): readonly LostPart[] {
  const all = allWithin(root);
  const pictures = ['select-point-interaction', 'drawing-interaction'].includes(interaction.name) ? 1 : 0;
  const shown = allWithin(body).filter(({ name }) => name === 'img' || name === 'object').length;
  const notes = all.filter((each) => each.name === 'rubric-block' && isKeptBack(each));
  const signs = all.filter(({ name }) => name === 'sub' || name === 'sup');
  return [
    ...ofElements.flatMap(({ names, lost }) => (all.some(({ name }) => names.includes(name)) ? [lost] : [])),
    ...when(
      notes.some((note) => wordsIn(note) !== ''),
      'notes',
    ),
    ...when(shown > pictures, 'pictures'),
    ...when(
      all.some(({ name, attributes }) => name === 'a' && attributes['href']),
      'links',
    ),
    ...when(
      signs.some((sign) => /^[\^_]\(/.test(wordsIn({ ...sign, children: [sign] }))),
      'raised-letters',
    ),
    ...when(isCut(body, interaction, draft), 'long-ends'),
  ];
}

/** Whether a text of the question is shorter than what it was read from. */
function isCut(body: XmlElement, interaction: XmlElement, draft: QuestionDraft): boolean {
  const inside = (name: string) => within(interaction, name).map((each) => wordsIn(each).length);
  const asked = wordsIn(body, (child) => (child === interaction || isUnit(child) ? '' : null)).length;
  const prompt = within(interaction, 'prompt').reduce((sum, each) => sum + wordsIn(each).length, asked);
  const longest = draft.kind === 'choice' ? 300 : draft.kind === 'placement' ? 100 : 1000;
  return (
    prompt > 1000 || [...inside('simple-choice'), ...inside('simple-associable-choice')].some((at) => at > longest)
  );
}

function lostFromKey({ interaction, response, draft }: Carried): readonly LostPart[] {
  const { attributes } = interaction;
  const choices = within(interaction, 'simple-choice').length;
  const most = Number(attributes['max-choices'] ?? 1);
  const given = response ? within(response, 'correct-response').flatMap((each) => within(each, 'value')).length : 0;
  const areas = response ? within(response, 'area-map-entry') : [];
  const pieces = within(interaction, 'simple-match-set')[0];
  const roomy = pieces
    ? within(pieces, 'simple-associable-choice').some((piece) => Number(piece.attributes['match-max'] ?? 1) !== 1)
    : false;
  return [
    ...when(draft.kind === 'choice' && choices > 12, 'more-choices'),
    ...when(draft.kind === 'choice' && most > 1 && most < choices, 'bound'),
    ...when(draft.kind === 'number' && given > 1, 'other-numbers'),
    ...when(given > 0 && !hasKey(draft), 'key'),
    ...when(
      areas.some((area) => area.attributes['shape'] === 'poly'),
      'outline',
    ),
    ...when(roomy, 'several-places'),
    ...when(within(interaction, 'gap-text').length > 0, 'gaps'),
  ];
}

function hasKey(draft: QuestionDraft): boolean {
  switch (draft.kind) {
    case 'choice':
      return (draft.fields.right ?? []).length > 0;
    case 'short-text':
    case 'blank':
      return (draft.fields.accepted ?? []).length > 0;
    case 'number':
      return (draft.fields.right ?? null) !== null;
    case 'placement':
      return draft.zones.some(({ belongs }) => belongs.length > 0);
    case 'point':
      return (draft.fields.regions ?? []).length > 0;
    default:
      return false;
  }
}

function lostFromMarking({ root, response, draft, points }: Carried): readonly LostPart[] {
  const [processing] = within(root, 'response-processing');
  const isOwn =
    processing !== undefined &&
    processing.attributes['template'] === undefined &&
    allWithin(processing).some(({ name }) => !knownRules.has(name));
  const worth = (response ? [...within(response, 'map-entry'), ...within(response, 'area-map-entry')] : [])
    .map(({ attributes }) => Number(attributes['mapped-value']))
    .filter((value) => value > 0);
  const room = within(root, 'equal')[0]?.attributes['tolerance']?.trim().split(/\s+/) ?? [];
  const kept =
    draft.kind === 'placement'
      ? roundedPoints(draft.points) * draft.zones.reduce((sum, { belongs }) => sum + Math.max(0, belongs.length), 0)
      : roundedPoints(draft.fields.points ?? 1);
  return [
    ...when(isOwn, 'own-marking'),
    ...when(new Set(worth).size > 1, 'single-points'),
    ...when(new Set(room).size > 1, 'one-sided-tolerance'),
    ...when(kept !== points && (draft.kind !== 'placement' || hasKey(draft)), 'exact-points'),
  ];
}
