/** "Night walk on the saltmarsh": a story with choices, a page to look things up, a hidden room and two endings. */
import type { Deck, Destination, Gate, RichText } from '@gobrel/core/deck';
import { DeckWriter, type PictureIds, toSlide } from './deck-writer.js';

/** A paragraph in which some words are a link. */
function sentence(before: string, words: string, destination: Destination, after: string): RichText {
  const link = { type: 'link' as const, attrs: { destination } };
  const content = [
    { type: 'text' as const, text: before },
    { type: 'text' as const, text: words, marks: [link] },
    { type: 'text' as const, text: after },
  ];
  return { type: 'doc', content: [{ type: 'paragraph', content }] };
}

const story = { exits: 'links-only' } as const;

/** Who answers right meets the otter, everybody else is helped on. */
const BY_ANSWER: Destination = {
  to: 'by-answer',
  questionId: 'trail-question',
  right: 'otter',
  wrong: 'rail',
  choices: {},
};
/** The high bank is open to those who know the tide. */
const KNOWS_THE_TIDE: Gate = { opens: 'seen', slideId: 'tide-table' };

/** The deck. */
export function nightWalk(pictures: PictureIds): Deck {
  const deck = new DeckWriter('Night walk on the saltmarsh', pictures, 'Dusk');
  deck
    .section('Into the marsh')
    .slide('gate', 'Dusk at the gate', {
      notes: 'Read the first lines aloud, lights off. Let them listen for ten seconds.',
    })
    .backdrop('dusk at the gate', 'A wooden gate before a boardwalk, the moon over the marsh')
    .title('Dusk at the gate')
    .text('The warden gives you a lantern and a warning:\nthe tide turns at ten.', [70, 140, 900, 100])
    .sign('Step onto the boards', toSlide('fork'), [840, 580, 360, 76]);
  deck
    .slide('fork', 'The boardwalk splits', { ...story, background: '#1f4b4a' })
    .backdrop('the fork', 'The boardwalk forks: left to the water, right up the bank')
    .title('The boardwalk splits')
    .text('Something splashes on the left. A ladder creaks on the right.', [70, 140, 900, 100])
    .sign('Follow the splash', toSlide('splash'), [130, 360, 300, 76])
    .sign('Climb to the hide', toSlide('hide'), [850, 340, 300, 76]);
  deck
    .section('Left: by the water')
    .slide('splash', 'The splash', story)
    .backdrop('the splash', 'Rings spread on the dark water')
    .title('The splash')
    .text(
      sentence('Rings on the water, and on the mud ', 'a fresh trail', toSlide('trail'), ' that leads into the reeds.'),
      [70, 140, 900, 100],
    )
    .sign('Follow the trail', toSlide('trail'), [790, 430, 300, 76])
    .sign('Back to the fork', { to: 'back' }, [790, 540, 300, 76]);
  deck
    .slide('trail', 'What left this trail?', story)
    .backdrop('the tracks', 'Five round prints in the mud')
    .title('What left this trail?')
    .text('Round pads, five toes, and a line between them.', [70, 140, 900, 100])
    .add('choice', [70, 220, 520, 330], {
      id: 'trail-question',
      fields: {
        prompt: 'Who went this way?',
        choices: [
          { id: 'otter', text: 'an otter' },
          { id: 'rail', text: 'a water rail' },
          { id: 'fox', text: 'a fox' },
        ],
        right: ['otter'],
      },
    })
    .sign('It was an otter', toSlide('otter'), [800, 240, 340, 76])
    .sign('It was a water rail', toSlide('rail'), [800, 350, 340, 76])
    .sign('Let your answer decide', BY_ANSWER, [800, 460, 340, 76]);
  deck
    .section('Right: the hide')
    .slide('hide', 'The hide', story)
    .backdrop('the hide', 'A wooden hide on stilts above the reeds')
    .title('The hide')
    .text(
      sentence(
        'From up here you see ',
        'a narrow slit',
        { to: 'viewpoint', itemId: 'hide-window' },
        '. Nothing moves. Yet.',
      ),
      [70, 140, 900, 100],
    )
    .sign('Wait', toSlide('owl'), [90, 340, 220, 76])
    .sign('Look up the tide', toSlide('tide-table'), [90, 440, 300, 76])
    .add('hotspot', [775, 380, 220, 48], { name: 'The dark window', link: toSlide('lantern') })
    .viewpoint('hide-window', 'The dark window', [700, 290, 400, 225], null);
  deck
    .slide('lantern', 'Lantern room', { ...story, leftOut: true })
    .backdrop('the lantern', 'A lantern glows in the hide')
    .title('You found the lantern room')
    .text('Somebody wrote on the wall: “The owl flies at nine.”', [70, 140, 900, 100])
    .sign('Wait for the owl', toSlide('owl'), [70, 230, 320, 76])
    .sign('Climb down', { to: 'back' }, [70, 330, 320, 76]);
  deck
    .section('What you meet')
    .slide('otter', 'The otter', story)
    .backdrop('the otter', 'An otter lifts its head from the creek')
    .title('Right: an otter')
    .text('It looks at you, dives, and is gone. The water has come closer.', [70, 140, 900, 100])
    .sign('Look at the water', toSlide('tide'), [70, 240, 340, 76]);
  deck
    .slide('rail', 'The water rail', story)
    .backdrop('the rail', 'A water rail walks along the reeds')
    .title('Not quite: look at the toes')
    .text('A water rail has three long toes in front. Listen: it squeals like a small pig.', [70, 140, 900, 100])
    .sign('Look at the trail again', { to: 'back' }, [70, 240, 380, 76])
    .sign('Look at the water', toSlide('tide'), [70, 340, 340, 76]);
  deck
    .slide('owl', 'Owl flight', story)
    .backdrop('the owl', 'A barn owl with spread wings before the hide')
    .title('Owl flight')
    .text('White and without a sound, right over your head.', [70, 140, 900, 100])
    .sign('Climb down', toSlide('tide'), [70, 560, 240, 76])
    .viewpoint('owl-wings', 'Its wings', [500, 200, 400, 225], 'a0')
    .viewpoint('owl-hide', 'The hide below', [740, 330, 400, 225], 'a1');
  deck
    .section('The way home')
    .slide('tide', 'The tide turns', { ...story, notes: 'Stop here and let the class vote before anybody presses.' })
    .backdrop('the flood', 'Water stands over the low boards')
    .title('The tide turns')
    .text('The low boards are under water. The lantern shows two ways.', [70, 140, 900, 100])
    .sign('Straight back, and fast', toSlide('home'), [90, 300, 380, 76])
    .sign('Along the high bank', { ...toSlide('long-way'), gate: KNOWS_THE_TIDE }, [810, 300, 360, 76])
    .sign('Look up the tide', toSlide('tide-table'), [810, 410, 360, 76]);
  deck
    .slide('tide-table', 'Tide table', { ...story, leftOut: true })
    .backdrop('tide table', 'The marsh under a green sky')
    .title('Tide table')
    .text('High water 22:10\nThe low boards are covered from 21:20 on.', [70, 160, 900, 100], { size: 34 })
    .sign('Back', { to: 'back' }, [70, 320, 200, 76]);
  deck
    .slide('home', 'Ending: wet feet', story)
    .backdrop('back at the gate', 'The gate in the first light')
    .title('Ending: wet feet')
    .text('You made it, knee-deep. The warden only smiles.', [70, 140, 900, 100])
    .sign('Walk again', { to: 'restart' }, [70, 240, 260, 76]);
  deck
    .slide('long-way', 'Ending: the long way', story)
    .backdrop('the long way', 'Dawn over the flooded marsh')
    .title('Ending: the long way')
    .text('An hour more, and dry. You heard four birds that nobody else did.', [70, 140, 900, 100])
    .sign('Walk again', { to: 'restart' }, [70, 240, 260, 76]);
  return { ...deck.deck, playing: { ...deck.deck.playing, transition: 'melt' } };
}
