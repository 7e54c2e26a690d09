import fc from 'fast-check';
import {
  applyChanges,
  type Deck,
  emptyDeck,
  isDangling,
  itemsOf,
  lettersOf,
  plainText,
  slidesInOrder,
} from '../deck/index.js';
import { linksFrom } from '../routes/index.js';
import { boxesMeet } from '../geometry/index.js';
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
  test('of several arrows in a choice the last one leads on: its words may hold some', () => {
    const { passages, problems } = readPlan('1. Gate\n- Left → right → Hide\n- Out -> in => 2\n2. Hide\n');
    expect(problems).toEqual([]);
    expect(passages[0]?.choices).toMatchObject([
      { words: 'Left → right', target: { to: 'passage', named: 'Hide' } },
      { words: 'Out -> in', target: { to: 'passage', named: '2' } },
    ]);
  });

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
      .replace('Step onto the boards → The boardwalk splits', 'Step on → The splash')
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

  test('a passage that is renamed keeps every link to it, and nothing is said to be missing', () => {
    const deck = fromPlan(
      '1. Gate\n- On -> Rolls\n- Home -> end\n\n2. Shop\n- Buy -> Rolls\n\n3. Rolls\n- Back -> Gate\n',
    );
    const plan = writePlan(deck).replace('3. Rolls', '3. Buns');
    const effect = followPlan(deck, readPlan(plan));
    expect(effect).toMatchObject({ renamed: [{ from: 'Rolls', to: 'Buns' }], cut: [], removed: [] });
    expect(effect.problems.map(({ kind }) => kind)).not.toContain('no-passage');
    const after = applyChanges(deck, effect.changes);
    expect(said(after).map(({ choices }) => choices[0]?.[1])).toEqual(['Buns', 'Buns', 'Gate']);
    // The new name is taken as well, and one that is given to another passage means that one.
    expect(said(follow(deck, plan.replaceAll('→ Rolls', '→ Buns')))).toEqual(said(after));
    const given = follow(deck, plan.replace('2. Shop', '2. Rolls'));
    expect(said(given)[0]?.choices[0]).toEqual(['On', 'Rolls']);
  });

  const linked = () => {
    const destination = { to: 'slide', slideId: 'hide' } as const;
    const text = plainText('Go to the old hide now.');
    const marked = {
      type: 'doc' as const,
      content: [
        {
          type: 'paragraph' as const,
          content: [
            { type: 'text' as const, text: 'Go to the ' },
            { type: 'text' as const, text: 'old hide', marks: [{ type: 'link' as const, attrs: { destination } }] },
            { type: 'text' as const, text: ' now.' },
          ],
        },
      ],
    };
    expect(lettersOf(marked)).toBe(lettersOf(text));
    return new DeckBuilder()
      .slide('gate', { name: 'Gate' })
      .item('body', 'text', { fields: { text: marked } })
      .slide('hide', { name: 'Hide' }).deck;
  };

  test('words changed around linked words leave the link, and add nothing', () => {
    const deck = linked();
    const plan = writePlan(deck).replace('Go to the old hide now.', 'Walk to the old hide at once.');
    const effect = followPlan(deck, readPlan(plan));
    const after = applyChanges(deck, effect.changes);
    expect(effect.cut).toEqual([]);
    expect(Object.keys(after.items)).toEqual(['body']);
    expect(linksFrom(after, 'gate').map(({ words }) => words)).toEqual(['old hide']);
  });

  test('links that the plan does not mention are listed, and kept where that is wished', () => {
    const deck = linked();
    const plan = writePlan(deck).replace('Go to the old hide now.', 'Stay.').replace('- old hide → Hide\n', '');
    const listed = [{ on: 'Gate', words: 'old hide' }];
    expect(followPlan(deck, readPlan(plan)).cut).toEqual(listed);
    const keeping = followPlan(deck, readPlan(plan), undefined, { keepLinks: true, keepSlides: false });
    expect(keeping.cut).toEqual(listed);
    const kept = applyChanges(deck, keeping.changes);
    expect(linksFrom(kept, 'gate').map(({ destination }) => destination)).toEqual([{ to: 'slide', slideId: 'hide' }]);
    const signs = fromPlan('1. Gate\n- On -> Hide\n- Off -> end\n\n2. Hide\n');
    const shorter = writePlan(signs).replace('- Off → end\n', '');
    const staying = followPlan(signs, readPlan(shorter), undefined, { keepLinks: true, keepSlides: false });
    expect([staying.cut, staying.changes]).toEqual([[{ on: 'Gate', words: 'Off' }], []]);
  });

  test('slides that the plan does not mention are listed, and stay where that is wished', () => {
    const deck = fromPlan(walk);
    const plan = readPlan(writePlan(deck).split('\n\n').slice(0, 2).join('\n\n'));
    const keeping = followPlan(deck, plan, undefined, { keepLinks: false, keepSlides: true });
    expect(keeping.removed).toEqual(['The splash']);
    expect(slidesInOrder(applyChanges(deck, keeping.changes))).toHaveLength(3);
  });

  test('any number of choices stand apart from each other and from everything else, in the order of the plan', () => {
    for (const count of [1, 3, 4, 5, 9, 16, 40]) {
      const choices = Array.from({ length: count }, (_none, at) => `- Choice ${at + 1} -> end`);
      const made = fromPlan(['1. Gate', 'Some words.', ...choices].join('\n'));
      // Choices that are added one by one to a slide that has some.
      const few = fromPlan(['1. Gate', 'Some words.', ...choices.slice(0, 2)].join('\n'));
      const grown = follow(few, ['1. Gate', 'Some words.', ...choices].join('\n'));
      for (const deck of count > 9 ? [made] : [made, grown]) {
        const id = slidesInOrder(deck)[0]?.id ?? '';
        const boxes = itemsOf(deck, id)
          .filter((item) => item.kind === 'shape' || (item.kind === 'text' && lettersOf(item.text) !== ''))
          .map(({ frame }) => frame);
        for (const [at, box] of boxes.entries())
          for (const other of boxes.slice(at + 1)) expect([count, boxesMeet(box, other)]).toEqual([count, false]);
        const order = linksFrom(deck, id)
          .map(({ carrier, itemId }) => ({ carrier, ...(deck.items[itemId]?.frame ?? { x: 0, y: 0 }) }))
          .sort((a, b) => a.y - b.y || a.x - b.x);
        expect(order.map(({ carrier }) => carrier)).toEqual(choices.map((_none, at) => `Choice ${at + 1}`));
        expect(boxes.every(({ y, height }) => y >= 0 && y + height <= 720)).toBe(true);
      }
    }
  });

  test('a choice that is taken out of the plan goes; a gate stays on a link that is led elsewhere', () => {
    const gate = { opens: 'seen-count', count: 2 } as const;
    const deck = fromPlan(walk);
    const fork = slidesInOrder(deck)[1]?.id ?? '';
    const [follows] = linksFrom(deck, fork);
    const gated = applyChanges(deck, [
      { type: 'set-item', id: follows?.itemId ?? '', fields: { link: { ...follows?.destination, gate } } },
    ]);
    const after = follow(gated, writePlan(gated).replace('- Go home → end\n', '').replace('→ The splash', '→ 1'));
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
      linksFrom(deck, slidesInOrder(deck)[0]?.id ?? '').map(({ destination }) => isDangling(deck, destination)),
    ).toEqual([true, true]);
    const plan = writePlan(deck);
    expect(plan).toContain('- On → ?\n- Off → ?');
    const after = follow(deck, `${plan.replace('On → ?', 'On -> The hide')}\n2. The hide\n`);
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
    expect(plan).toContain('- Tides → …');
    // Two slides of one name are told apart by their numbers.
    expect(plan).toContain('- On → 2');
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
