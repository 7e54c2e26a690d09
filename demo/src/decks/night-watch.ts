/** "Night watch": a round of everything students can be asked, from the first guess to a puzzle. */
import {
  applyChanges,
  cutPicture,
  type Deck,
  type PieceBehaviour,
  setPieceBehaviour,
  tableFromText,
  zonesFromTable,
} from '@gobrel/core/deck';
import { DRAWN, DeckWriter, type PictureIds } from './deck-writer.js';

const BOX = { fill: 'ground', outlineWidth: 2 } as const;

/** A row each animal: where it was, and what was heard of it. */
const HEARD = [
  '\twhere\twhat we heard',
  'otter\tin the creek\ta splash',
  'barn owl\tover the hide\ta screech',
  'water rail\tin the reeds\ta squeal',
].join('\n');

/** The deck. */
export function nightWatch(pictures: PictureIds): Deck {
  const deck = new DeckWriter('Night watch: what we saw and heard', pictures, 'Saltmarsh');
  const kept = { exits: 'open' as const };
  deck
    .section('Getting going')
    .slide('watch-guess', 'Who was it?', kept)
    .title('Who made the splash?', [60, 32, 1000, 68])
    .add('choice', [60, 112, 1160, 520], {
      id: 'watch-who',
      fields: {
        prompt: 'Pick the picture that shows who it was.',
        choices: [
          { id: 'otter', text: 'an otter in the creek', picture: deck.picture('the otter') },
          { id: 'owl', text: 'an owl over the hide', picture: deck.picture('the owl') },
          { id: 'rail', text: 'a water rail in the reeds', picture: deck.picture('the rail') },
        ],
        right: ['otter'],
        shuffled: true,
        feedbackAt: 'at-once',
        attempts: 2,
        hints: ['It swims on its back.'],
        feedback: { right: 'Yes: the tail gives it away.', partly: '', wrong: 'That one does not swim.' },
        asksSure: true,
      },
    });
  deck
    .slide('watch-true', 'True or not', kept)
    .title('True or not?', [60, 32, 1000, 68])
    .add('choice', [60, 130, 560, 260], {
      id: 'watch-tide',
      fields: {
        prompt: 'High water comes at the same time every day.',
        form: 'true-false',
        choices: [
          { id: 'true-false-1', text: 'True' },
          { id: 'true-false-2', text: 'False' },
        ],
        right: ['true-false-2'],
        feedbackAt: 'submitted',
        feedback: { right: '', partly: '', wrong: 'It comes about fifty minutes later each day.' },
      },
    })
    .add('choice', [60, 430, 1160, 200], {
      id: 'watch-sure',
      fields: {
        prompt: 'I could explain the tides to somebody younger.',
        form: 'scale',
        choices: ['not at all', 'a little', 'half and half', 'mostly', 'fully'].map((text, at) => ({
          id: `scale-${at + 1}`,
          text,
        })),
        right: [],
      },
    });
  deck
    .section('Finding out')
    .slide('watch-words', 'In words', kept)
    .title('What is it called?', [60, 32, 1000, 68])
    .add('short-text', [60, 130, 640, 220], {
      id: 'watch-plant',
      fields: {
        prompt: 'Which purple plant covers the marsh in July?',
        accepted: ['sea lavender', 'limonium*'],
        slips: 2,
        accentsMatter: false,
        patterns: true,
        feedbackAt: 'at-once',
        attempts: 3,
        hints: ['Two words; the first is where it grows.', 'The second is a garden plant that smells.'],
        feedback: { right: 'That is it.', partly: '', wrong: 'Look at the colour once more.' },
      },
    })
    .text('At night the otter hunts', [60, 420, 420, 44])
    .add('blank', [480, 410, 250, 60], {
      id: 'watch-hunts',
      name: 'At night the otter hunts …',
      fields: { options: ['fish', 'owls', 'reeds'], accepted: ['fish'], feedbackAt: 'at-once' },
    })
    .text('in the', [750, 420, 120, 44])
    .add('blank', [860, 410, 250, 60], {
      id: 'watch-where-hunts',
      name: 'in the …',
      fields: { accepted: ['creek', 'water'], slips: 1, feedbackAt: 'at-once' },
    });
  deck
    .slide('watch-count', 'How far, how many', kept)
    .title('How far, and how many?', [60, 32, 1000, 68])
    .add('number', [60, 130, 540, 210], {
      id: 'watch-far',
      fields: {
        prompt: 'How far is it from the gate to the hide?',
        right: 1200,
        tolerance: 0.1,
        toleranceIs: 'relative',
        units: [
          { name: 'm', worth: 1 },
          { name: 'km', worth: 1000 },
        ],
        unitNeeded: true,
        points: 2,
        feedbackAt: 'at-once',
      },
    })
    .add('number', [660, 130, 540, 210], {
      id: 'watch-part',
      fields: {
        prompt: 'Which part of the night was the moon up?',
        right: 0.75,
        tolerance: 0.01,
        feedbackAt: 'submitted',
      },
    })
    .add('point', [60, 390, 1140, 240], {
      id: 'watch-when',
      fields: {
        prompt: 'When was high water? Show it on the line.',
        axis: { from: 18, to: 30, unit: "o'clock", upright: false, right: 23, tolerance: 0.5 },
        feedbackAt: 'submitted',
      },
    });
  deck
    .slide('watch-places', 'Where?', kept)
    .title('Where on the shore?', [60, 32, 1000, 68])
    .add('point', [60, 112, 560, 520], {
      id: 'watch-tracks',
      fields: {
        prompt: 'Put a dot on every place that is under water at high tide.',
        picture: deck.picture('shore profile'),
        pixels: { width: 1280, height: 720 },
        alt: 'The shore in profile, from the dry bank on the left down into the sea on the right',
        mark: 'dots',
        most: 4,
        regions: [
          { id: 'mid', shape: 'box', x: 0.55, y: 0.42, width: 0.16, height: 0.3 },
          { id: 'sea', shape: 'box', x: 0.74, y: 0.46, width: 0.25, height: 0.32 },
        ],
        points: 2,
      },
    })
    .add('point', [660, 112, 560, 520], {
      id: 'watch-flow',
      fields: {
        prompt: 'Which way does the water run when the tide goes out? Draw an arrow.',
        picture: deck.picture('the fork'),
        pixels: { width: 1280, height: 720 },
        alt: 'A path that forks in the marsh at dusk, water behind it',
        mark: 'arrow',
        regions: [
          { id: 'land', shape: 'oval', x: 0.02, y: 0.5, width: 0.45, height: 0.45 },
          { id: 'out', shape: 'oval', x: 0.53, y: 0.3, width: 0.45, height: 0.45 },
        ],
        points: 2,
      },
    });
  deck
    .section('Practising')
    .slide('watch-order', 'In order', kept)
    .title('Put the night in order', [60, 32, 1000, 68])
    .add('zone', [60, 130, 1160, 130], {
      id: 'watch-row',
      fields: {
        label: 'From dusk to dawn',
        lay: 'row',
        inOrder: true,
        belongs: ['night-gate', 'night-splash', 'night-owl', 'night-home'],
        feedbackAt: 'at-once',
      },
    })
    .piece('night-splash', 'the splash', [60, 300, 220, 60])
    .piece('night-home', 'home again', [300, 300, 220, 60])
    .piece('night-gate', 'at the gate', [540, 300, 220, 60])
    .piece('night-owl', 'the owl', [780, 300, 220, 60])
    .add('zone', [60, 420, 560, 220], {
      id: 'watch-quiet',
      fields: {
        label: 'Only quiet animals, two at most',
        shape: 'cloud',
        lay: 'slots',
        capacity: 2,
        takes: ['quiet-owl', 'quiet-moth'],
        sendsHome: true,
        belongs: ['quiet-owl', 'quiet-moth'],
        feedbackAt: 'at-once',
      },
    })
    .piece('quiet-owl', 'barn owl', [680, 430, 170, 60])
    .piece('quiet-gull', 'gull', [870, 430, 170, 60])
    .piece('quiet-moth', 'moth', [1060, 430, 150, 60]);
  deck
    .slide('watch-build', 'Build a bridge', kept)
    .title('Build a bridge over the creek', [60, 32, 1000, 68])
    .add('shape', [60, 120, 1160, 400], { id: 'watch-ground', name: 'Building ground', fields: BOX })
    .add('shape', [120, 560, 220, 36], { id: 'plank', name: 'plank', loose: true, fields: { fill: 'second' } })
    .add('shape', [420, 540, 70, 90], {
      id: 'post',
      name: 'post',
      loose: true,
      fields: { fill: 'accent', shape: 'trapezium' },
    });
  const ground: Partial<PieceBehaviour> = { within: 'watch-ground', turns: true };
  deck.deck = applyChanges(deck.deck, [
    ...setPieceBehaviour(deck.deck, ['plank'], { ...ground, pile: null }),
    ...setPieceBehaviour(deck.deck, ['post'], { ...ground, pile: 6 }),
  ]);
  deck
    .slide('watch-puzzle', 'Torn picture', kept)
    .title('Put the torn picture together', [60, 32, 1000, 68])
    .add('picture', [560, 130, 660, 396], {
      id: 'torn',
      fields: {
        picture: deck.picture('back at the gate'),
        pixels: { width: 1280, height: 720 },
        alt: 'The gate to the marsh at dawn',
        credit: DRAWN,
      },
    });
  let made = 0;
  deck.deck = applyChanges(
    deck.deck,
    cutPicture(
      deck.deck,
      'torn',
      { columns: 3, rows: 2, zones: true, called: 'part' },
      () => `torn-${(made += 1)}`,
      () => 0.3,
    ),
  );
  deck
    .section('Looking back')
    .slide('watch-draw', 'Draw', kept)
    .title('What did you see?', [60, 32, 1000, 68])
    .add('draw', [60, 112, 760, 570], {
      id: 'watch-sketch',
      fields: {
        prompt: 'Draw where you saw or heard something.',
        picture: deck.picture('the tracks'),
        pixels: { width: 1280, height: 720 },
        alt: 'The marsh at night with tracks in the mud',
      },
    })
    .add('spoken', [860, 112, 360, 240], {
      id: 'watch-say',
      fields: { prompt: 'Say what it sounded like.', longest: 20 },
    });
  deck
    .slide('watch-tell', 'Tell it', kept)
    .title('Tell it to somebody who was not there', [60, 32, 1160, 68])
    .add('long-text', [60, 120, 1160, 520], {
      id: 'watch-story',
      fields: {
        prompt: 'What was the best moment of the night?',
        leastWords: 20,
        mostWords: 80,
        model: 'Names a place, a time and an animal, and says what one could see, hear or smell.',
        points: 4,
        asksSure: true,
      },
    });
  deck
    .slide('watch-table', 'Who was where', kept)
    .title('Who was where, and what did we hear?', [60, 32, 1160, 68])
    .add('table', [120, 130, 1040, 300], {
      id: 'watch-heard',
      name: 'Who was where',
      fields: { ...tableFromText(HEARD), headings: 'both', byTheme: true },
    });
  let turned = 0;
  const { changes } = zonesFromTable(
    deck.deck,
    'watch-heard',
    'all',
    String,
    () => `heard-${(turned += 1)}`,
    () => 0.3,
  );
  deck.deck = applyChanges(deck.deck, changes);
  return deck.deck;
}
