/** The map and the show say the same of every gate and every link by an answer. */
import { type Gate, type Item, itemGates, plainText } from '../deck/index.js';
import { keyedAnswer, markWork } from '../questions/index.js';
import { openGates, routeGraph } from '../routes/index.js';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, emptyWork, type Work, type WorkChange } from '../work/index.js';
import { FREE_TO_WALK, shownSlide, type ShowState, startShow, takeStep } from './index.js';

const choices = ['otter', 'rail', 'fox'].map((id) => ({ id, text: id }));
const region = { id: 'mud', shape: 'oval', x: 0.1, y: 0.4, width: 0.1, height: 0.1 } as const;

/** Questions of every kind with and without a key, zones with pieces of every sort, and what is out of sight. */
const asked = () =>
  new DeckBuilder()
    .slide('ask', { exits: 'links-only' })
    .item('choice', 'choice', { fields: { choices, right: ['otter'] } })
    .item('several', 'choice', { fields: { choices, right: ['otter', 'rail'], several: true } })
    .item('poll', 'choice', { fields: { choices } })
    .item('blank', 'blank', { fields: { accepted: ['eel'] } })
    .item('open-blank', 'blank')
    .item('short', 'short-text', { fields: { accepted: ['glasswort'] } })
    .item('read-short', 'short-text')
    .item('number', 'number', { fields: { right: 12 } })
    .item('read-number', 'number')
    .item('point', 'point', { fields: { regions: [region] } })
    .item('read-point', 'point')
    .item('draw', 'draw')
    .item('spoken', 'spoken')
    .item('long', 'long-text')
    .item('eel', 'shape', { loose: true, fields: { text: plainText('eel') } })
    .item('shell', 'shape', { loose: true })
    .item('sand', 'shape', { loose: true })
    .apply([
      { type: 'set-item', id: 'shell', fields: { groups: ['group'] } },
      { type: 'set-item', id: 'sand', fields: { groups: ['group'] } },
    ])
    .item('water', 'zone', { fields: { belongs: ['eel'] } })
    .item('beach', 'zone', { fields: { belongs: ['group'] } })
    .item('sorting', 'zone')
    .item('closed', 'zone', { fields: { takes: ['gone'] } })
    .item('hidden', 'choice', { fields: { choices, right: ['otter'] } })
    .apply([{ type: 'set-item', id: 'hidden', fields: { hidden: true } }]);

const { deck: plain } = asked();
const items = [...Object.values(plain.items).map(({ id }) => id), 'gone'];

/** What somebody can do for an item: what its key says, and anything else that could be taken for an answer. */
function tries(item: Item | undefined): readonly Work[] {
  if (!item || item.hidden) return [emptyWork];
  const id = item.id;
  const some: readonly (readonly WorkChange[])[] = [
    keyedAnswer(item, plain),
    ...(item.kind === 'choice'
      ? [...choices.map(({ id: picked }) => [picked]), ['otter', 'rail', 'fox']].map((picked): WorkChange[] => [
          { part: 'answers', id, value: { kind: 'choice', picked: item.several ? picked : picked.slice(0, 1) } },
        ])
      : []),
    ...(['short-text', 'long-text', 'number'].includes(item.kind)
      ? [[{ part: 'answers', id, value: { kind: 'words', text: '7' } } as const]]
      : []),
    ...(item.kind === 'point'
      ? [[{ part: 'answers', id, value: { kind: 'dots', dots: [{ x: 0.9, y: 0.9 }] } } as const]]
      : []),
    ...(item.kind === 'spoken'
      ? [[{ part: 'answers', id, value: { kind: 'sound', type: 'audio/webm', bytes: 'AA==', seconds: 1 } } as const]]
      : []),
    ...(item.kind === 'blank' ? [[{ part: 'blanks', id, value: 'cod' } as const]] : []),
    ...(item.kind === 'draw'
      ? [
          [
            {
              part: 'drawn',
              id: 'line',
              value: { itemId: id, color: '#000000', width: 4, tool: 'pen', points: [0, 0, 9, 9] },
            } as const,
          ],
        ]
      : []),
    ...(item.kind === 'zone' && item.takes.length === 0
      ? ['eel', 'group'].map((piece) => [{ part: 'pieces', id: piece, value: { x: 0, y: 0, zoneId: id } } as const])
      : []),
    ...(item.loose
      ? [[{ part: 'pieces', id: item.groups[0] ?? id, value: { x: 4, y: 0, zoneId: null } } as const]]
      : []),
  ];
  return some.map((changes) => applyWorkChanges(emptyWork, changes));
}

const begun = startShow(plain) as ShowState;

/** The slides that a link leads to for some try. */
function ledTo(destination: Parameters<typeof linkedDeck>[0], itemId: string): readonly string[] {
  const deck = linkedDeck(destination);
  const reached = tries(deck.items[itemId]).flatMap((work) => {
    const isRight = (id: string) => markWork(deck, work).items[id]?.verdict === 'right';
    const result = takeStep(deck, begun, { type: 'follow', destination }, { work, isRight });
    return result.type === 'moved' ? [shownSlide(result.state)] : [];
  });
  return [...new Set(reached)].sort();
}

function linkedDeck(link: Extract<Item['link'], object>) {
  return asked().item('on', 'hotspot', { link }).slide('good').slide('help').slide('rail').deck;
}

/** The slides that the map says the link leads to. */
function mapped(destination: Parameters<typeof linkedDeck>[0]): readonly string[] {
  const graph = routeGraph(linkedDeck(destination));
  const { graph: open } = openGates(graph);
  const targets = [...open.targets.subarray(open.offsets[0], open.offsets[1])];
  return [...new Set(targets.map((place) => graph.ids[place] ?? ''))].sort();
}

describe.each(items)('%s', (itemId) => {
  test.each(itemGates)('a gate that waits until it is %s opens on the map when it opens in the show', (opens) => {
    const gate: Gate = { opens, itemId };
    const link = { to: 'slide', slideId: 'good', gate } as const;
    expect(mapped(link)).toEqual(ledTo(link, itemId));
  });

  test('a link by its answer leads on the map where it leads in the show', () => {
    const link = {
      to: 'by-answer',
      questionId: itemId,
      right: 'good',
      wrong: 'help',
      choices: { rail: 'rail' },
    } as const;
    expect(mapped(link)).toEqual(ledTo(link, itemId));
  });
});

test('no gate and no missing answer holds somebody who leads', () => {
  const lead = (destination: Parameters<typeof linkedDeck>[0]) => {
    const result = takeStep(linkedDeck(destination), begun, { type: 'follow', destination }, FREE_TO_WALK);
    return result.type === 'moved' ? shownSlide(result.state) : result;
  };
  for (const opens of itemGates)
    for (const itemId of items) expect(lead({ to: 'slide', slideId: 'good', gate: { opens, itemId } })).toBe('good');
  expect(lead({ to: 'slide', slideId: 'good', gate: { opens: 'seen', slideId: 'rail' } })).toBe('good');
  expect(lead({ to: 'slide', slideId: 'good', gate: { opens: 'seen-count', count: 9 } })).toBe('good');
  const by = {
    to: 'by-answer',
    questionId: 'choice',
    right: 'good',
    wrong: 'help',
    choices: { rail: 'rail' },
  } as const;
  expect(lead(by)).toBe('good');
  expect(lead({ ...by, right: null })).toBe('rail');
  expect(lead({ ...by, choices: { otter: 'rail' } })).toBe('rail');
  expect(lead({ ...by, right: null, choices: {} })).toBe('help');
});
