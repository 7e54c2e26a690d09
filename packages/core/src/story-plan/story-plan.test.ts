import fc from 'fast-check';
import { applyChanges, type Deck, emptyDeck, itemsOf, lettersOf, plainText, slidesInOrder } from '../deck/index.js';
import { isOpen, linksFrom } from '../routes/index.js';
import { DeckBuilder } from '../testing/index.js';
import { bodyOf } from './plan-parts.js';
import { followPlan, readPlan, writePlan } from './index.js';

const walk = `1. Dusk at the gate
The warden gives you a lantern.
Mind the tide.
- Step onto the boards -> The boardwalk splits

2. The boardwalk splits
- Follow the splash -> 3
- Go home -> the end

3. The splash
- Back to the fork -> back
`;

const follow = (deck: Deck, text: string): Deck => applyChanges(deck, followPlan(deck, readPlan(text)).changes);
const fromPlan = (text: string) => follow(emptyDeck('A walk'), text);
const said = (deck: Deck) =>
  slidesInOrder(deck).map(({ id, name }) => ({
    name,
    text: lettersOf(bodyOf(deck, id)?.text ?? plainText('')),
    choices: linksFrom(deck, id).map(({ carrier, destination }) => [
      carrier,
      destination.to === 'slide' ? deck.slides[destination.slideId]?.name : destination.to,
    ]),
  }));

describe('reading a plan', () => {
  test('passages are numbered, named, or both; choices say where they lead after an arrow or in brackets', () => {
    const { passages, problems } = readPlan(
      '# Gate\r\nSome words\r\n\t* Left (Fork)\r\n• Right → 3\r\n2) Fork\n- Up [Gate]\n3\n– On => gate',
    );
    expect(problems).toEqual([]);
    expect(passages.map(({ name, number, text }) => [name, number, text])).toEqual([
      ['Gate', null, 'Some words'],
      ['Fork', 2, ''],
      ['', 3, ''],
    ]);
    expect(passages.flatMap(({ choices }) => choices.map(({ words, target }) => [words, target]))).toEqual([
      ['Left', { to: 'passage', named: 'Fork' }],
      ['Right', { to: 'passage', named: '3' }],
      ['Up', { to: 'passage', named: 'Gate' }],
      ['On', { to: 'passage', named: 'gate' }],
    ]);
  });

  test('what is wrong is pointed out, by its line', () => {
    const { problems } = readPlan(
      '# Gate\n- Left -> Nowhere\n- Right\n- Down (Cellar\n# Cellar\n# Cellar\n# Attic\n- Up -> end',
    );
    expect(problems).toEqual([
      { kind: 'no-passage', line: 2, words: 'Left', named: 'Nowhere' },
      { kind: 'no-target', line: 3, words: 'Right' },
      { kind: 'unclosed', line: 4, words: 'Down' },
      { kind: 'same-name', line: 6, name: 'Cellar' },
      { kind: 'unchosen', line: 6, name: 'Cellar' },
      { kind: 'unchosen', line: 7, name: 'Attic' },
    ]);
  });

  test('something is made of any text, and no two readings differ', () => {
    const line = fc.oneof(
      fc.string(),
      fc.constantFrom('# A', '1. B', '- x -> A', '- y (B', '- z [', '-> A', '\\# no', '7', '\t- w -> 1', '- ', '#'),
    );
    fc.assert(
      fc.property(fc.array(line, { maxLength: 30 }), fc.constantFrom('\n', '\r\n', '\r'), (lines, end) => {
        const text = lines.join(end);
        expect(readPlan(text)).toEqual(readPlan(text));
        expect(() => fromPlan(text)).not.toThrow();
      }),
    );
  });

  test('a plan of 300 KB becomes its slides', () => {
    const passages = Array.from(
      { length: 2500 },
      (_none, place) => `${place + 1}. Passage ${place + 1}\n${'word '.repeat(20)}\n- On -> ${place + 2}\n`,
    );
    const text = passages.join('\n');
    expect(text.length).toBeGreaterThan(300_000);
    expect(Object.keys(fromPlan(text).slides)).toHaveLength(2500);
  });
});

describe('following a plan', () => {
  test('makes slides with texts, choices and links; a passage without choices is an ending', () => {
    const deck = fromPlan(walk + '\n# Ending: home\n');
    expect(said(deck)).toEqual([
      {
        name: 'Dusk at the gate',
        text: 'The warden gives you a lantern.\nMind the tide.',
        choices: [['Step onto the boards', 'The boardwalk splits']],
      },
      {
        name: 'The boardwalk splits',
        text: '',
        choices: [
          ['Follow the splash', 'The splash'],
          ['Go home', 'end'],
        ],
      },
      { name: 'The splash', text: '', choices: [['Back to the fork', 'back']] },
      { name: 'Ending: home', text: '', choices: [] },
    ]);
    const signs = Object.values(deck.items).filter((item) => item.kind === 'shape');
    expect(signs).toHaveLength(4);
    expect(slidesInOrder(deck).map(({ exits, ending }) => [exits, ending])).toEqual([
      ['links-only', false],
      ['links-only', false],
      ['links-only', false],
      ['links-only', true],
    ]);
  });

  test('changes only what the plan changes: what was designed since stays', () => {
    const deck = fromPlan(walk);
    const [gate] = slidesInOrder(deck);
    const [sign] = linksFrom(deck, gate?.id ?? '');
    const designed = applyChanges(deck, [
      { type: 'set-slide', id: gate?.id ?? '', fields: { background: '#1f4b4a', notes: 'Lights off.' } },
      {
        type: 'set-item',
        id: sign?.itemId ?? '',
        fields: { frame: { x: 5, y: 6, width: 70, height: 80, rotation: 9 } },
      },
    ]);
    const plan = writePlan(designed)
      .replace('1. Dusk at the gate', '1. Dusk')
      .replace('Step onto the boards -> The boardwalk splits', 'Step on -> The splash')
      .replace('Mind the tide.', 'Mind the mud.');
    const effect = followPlan(designed, readPlan(plan));
    expect(effect).toMatchObject({
      added: [],
      removed: [],
      renamed: [{ from: 'Dusk at the gate', to: 'Dusk' }],
      changed: ['Dusk'],
    });
    const after = applyChanges(designed, effect.changes);
    expect(after.slides[gate?.id ?? '']).toMatchObject({ name: 'Dusk', background: '#1f4b4a', notes: 'Lights off.' });
    expect(after.items[sign?.itemId ?? '']?.frame).toEqual({ x: 5, y: 6, width: 70, height: 80, rotation: 9 });
    expect(said(after)[0]).toEqual({
      name: 'Dusk',
      text: 'The warden gives you a lantern.\nMind the mud.',
      choices: [['Step on', 'The splash']],
    });
  });

  test('a choice that is taken out of the plan goes; a gate stays on a link that is led elsewhere', () => {
    const gate = { opens: 'seen-count', count: 2 } as const;
    const deck = fromPlan(walk);
    const fork = slidesInOrder(deck)[1]?.id ?? '';
    const [follows] = linksFrom(deck, fork);
    const gated = applyChanges(deck, [
      { type: 'set-item', id: follows?.itemId ?? '', fields: { link: { ...follows?.destination, gate } } },
    ]);
    const after = follow(gated, writePlan(gated).replace('- Go home -> end\n', '').replace('-> The splash', '-> 1'));
    expect(linksFrom(after, fork).map(({ destination }) => destination)).toEqual([
      { to: 'slide', slideId: slidesInOrder(deck)[0]?.id, gate },
    ]);
    expect(itemsOf(after, fork).filter((item) => item.kind === 'shape').length).toBeLessThan(
      itemsOf(gated, fork).filter((item) => item.kind === 'shape').length,
    );
  });

  test('passages are added between others, taken out, and put into another order', () => {
    const deck = fromPlan(walk);
    const lines = writePlan(deck).split('\n\n');
    const after = follow(deck, [lines[2], '# Cellar\n- Up -> The splash', lines[0]].join('\n\n'));
    expect(slidesInOrder(after).map(({ name }) => name)).toEqual(['The splash', 'Cellar', 'Dusk at the gate']);
  });

  test('a choice without a passage is an open link, and is led there once there is one', () => {
    const deck = fromPlan('1. Gate\n- On -> The hide\n- Off');
    expect(
      linksFrom(deck, slidesInOrder(deck)[0]?.id ?? '').map(({ destination }) => isOpen(deck, destination)),
    ).toEqual([true, true]);
    const plan = writePlan(deck);
    expect(plan).toContain('- On -> ?\n- Off -> ?');
    const after = follow(deck, `${plan.replace('On -> ?', 'On -> The hide')}\n2. The hide\n`);
    expect(said(after)[0]?.choices[0]).toEqual(['On', 'The hide']);
  });

  test('links of the slides are in the plan, and what it has no words for stays as it is', () => {
    const { deck } = new DeckBuilder()
      .slide('gate', { name: 'Gate' })
      .item('site', 'shape', {
        fields: { text: plainText('Tides') },
        link: { to: 'web', address: 'https://tides.example' },
      })
      .item('on', 'shape', { fields: { text: plainText('On') }, link: { to: 'slide', slideId: 'fork' } })
      .slide('fork', { name: 'Gate' });
    const plan = writePlan(deck);
    expect(plan).toContain('- Tides -> …');
    // Two slides of one name are told apart by their numbers.
    expect(plan).toContain('- On -> 2');
    expect(followPlan(deck, readPlan(plan)).changes).toEqual([]);
  });

  test('the plan of what a plan made says the same, and following it again changes nothing', () => {
    const name = fc.constantFrom('Gate', 'Fork', 'The hide', '7', 'back', 'A [b', 'C -> d', 'Gate', '');
    const words = fc.constantFrom('On', 'Left (x', 'Right -> y', '# no', '3. maybe', 'Up', '- dash');
    const passage = fc.record({
      name,
      text: fc.array(words, { maxLength: 3 }),
      choices: fc.array(
        fc.record({ words: fc.constantFrom('Left', 'Right', 'Up'), to: fc.integer({ min: 1, max: 6 }) }),
        {
          maxLength: 3,
        },
      ),
    });
    fc.assert(
      fc.property(fc.array(passage, { minLength: 1, maxLength: 5 }), (passages) => {
        const text = passages
          .map((each, place) =>
            [
              `${place + 1}. ${each.name}`,
              ...each.text.map((line) => `\\${line}`),
              ...each.choices.map((choice) => `- ${choice.words} -> #${choice.to}`),
            ].join('\n'),
          )
          .join('\n\n');
        const deck = fromPlan(text);
        const plan = writePlan(deck);
        expect(followPlan(deck, readPlan(plan)).changes).toEqual([]);
        expect(said(fromPlan(plan))).toEqual(said(deck));
      }),
      { numRuns: 200 },
    );
  });
});
