import {
  addItem,
  addSlide,
  applyChanges,
  type Deck,
  emptyDeck,
  groupItems,
  plainText,
  readItem,
  readRichText,
  setHidden,
  setPieceBehaviour,
  type Slide,
  NOTEBOOK,
} from '@gobrel/core/deck';
import { markWork } from '@gobrel/core/questions';
import { DeckBuilder } from '@gobrel/core/testing';
import { emptyWork } from '@gobrel/core/work';
import type { ReactNode } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';
import {
  cameraAt,
  fittedRoom,
  ItemContent,
  readingHands,
  ShowStage,
  SlideView,
  type SlideWords,
  SurroundingsProvider,
} from './index.js';
import { type Playing, PlayingProvider, STILL } from './playing.js';

const saying = (...parts: unknown[]) => parts.join(' ');
const words: SlideWords = {
  chart: { empty: 'no figures', forms: { bars: 'bars', lines: 'lines', parts: 'parts', dots: 'dots' } },
  hotspot: 'Link',
  blank: 'Blank',
  yourAnswer: 'Your answer',
  addText: 'Add',
  adding: {
    text: 'Text',
    picture: 'Picture',
    camera: 'Camera',
    sign: 'Sign',
    pen: 'Pen',
    eraser: 'Eraser',
    done: 'Done',
    tools: 'Tools',
    move: 'Move',
    moved: 'Moved',
    larger: 'Larger',
    smaller: 'Smaller',
    remove: 'Remove',
    unnamed: { picture: 'a picture', sticker: 'a sticker', sign: 'a sign' },
    hardToSee: { 'small-letters': 'too small', blurred: 'blurred' },
  },
  yourText: 'Your text',
  tooLong: saying,
  reason: ({ code }) => code,
  pieces: {
    name: saying,
    pile: saying,
    help: 'piece',
    turnsHelp: 'piece that turns',
    pickedUp: saying,
    over: saying,
    moved: saying,
    turned: saying,
    putInto: saying,
    lies: saying,
    full: saying,
    notTaken: saying,
    wentHome: saying,
    putBack: saying,
    stays: saying,
    zone: saying,
    unnamedZone: saying,
    unnamed: 'piece',
    turn: saying,
  },
  asking: {
    pickOne: 'pick one',
    pickSeveral: 'pick several',
    choose: 'choose',
    number: 'number',
    words: saying,
    wordsWanted: saying,
    dot: saying,
    dotAt: saying,
    onScale: saying,
    placeDot: 'Put down a dot',
    removeDots: 'Take away',
    dotHelp: 'dot',
    pen: 'Pen',
    highlighter: 'Highlighter',
    eraser: 'Eraser',
    colours: {},
    undoStroke: 'Take back',
    drawing: saying,
    drawHelp: 'drawing',
    penDown: 'down',
    penUp: 'up',
    noRoom: 'full',
    record: 'Record',
    recordAgain: 'Again',
    stop: 'Stop',
    recording: saying,
    noMicrophone: 'no microphone',
    recorded: saying,
    howSure: 'How sure?',
    sure: { 1: 'a guess', 2: 'rather', 3: 'quite', 4: 'certain' },
  },
  media: {
    play: (name) => `Play ${name}`,
    pause: (name) => `Pause ${name}`,
    placeIn: (name) => `Place in ${name}`,
    transcript: 'Transcript',
    closeTranscript: 'Close',
    transcriptOf: (name) => `Transcript of ${name}`,
    cannotPlay: 'cannot play',
  },
  points: (points, outOf) => `${points}/${outOf}`,
  verdicts: { right: 'right', partly: 'partly', wrong: 'wrong', unmarked: 'not marked yet', empty: 'empty' },
};
const surroundings = {
  pictureUrl: (id: string) => `/pictures/${id}`,
  fileUrl: (id: string) => `/files/${id}`,
  stickerUrl: (name: string) => `/stickers/${name}.svg`,
  stillUrl: (id: string) => `/pictures/${id}/still`,
  words,
};

function draw(view: ReactNode): string {
  return renderToStaticMarkup(<SurroundingsProvider value={surroundings}>{view}</SurroundingsProvider>);
}

test('a video shows its poster, and plays by its controls or by a press; elsewhere it stands still', () => {
  const item = readItem('v', { kind: 'video', slideId: 's', rank: 'a0', file: 'a'.repeat(64), alt: 'The tide' });
  const video = item?.kind === 'video' ? item : null;
  if (!video) throw new Error('no video was read');
  const drawn = (fields: Partial<typeof video>, playing: Playing = { byPress: true, upTo: null }) =>
    draw(
      <PlayingProvider value={playing}>
        <ItemContent item={{ ...video, ...fields }} />
      </PlayingProvider>,
    );
  expect(drawn({ poster: 'b'.repeat(64) })).toContain(`poster="/pictures/${'b'.repeat(64)}"`);
  expect(drawn({})).toMatch(/<video[^>]* controls/);
  expect(drawn({}, { byPress: false, upTo: 0 })).toMatch(/<video[^>]* controls/);
  expect(drawn({}, STILL)).not.toContain('controls');
  expect(draw(<ItemContent item={video} />)).not.toContain('controls');
  expect(drawn({ controls: false })).toMatch(/<button[^>]* aria-label="The tide"/);
  expect(drawn({ volume: 0 })).toContain('muted');
  expect(drawn({ file: '' })).not.toContain('<video');
  expect(drawn({ captions: [{ from: 0, to: 2, text: 'Listen' }] })).toContain('Transcript');
});

test('a sound has a button and a place to seek; on a picture of a slide it stands still', () => {
  const fields = { kind: 'sound', slideId: 's', rank: 'a0', file: 'a'.repeat(64), alt: 'A splash', seconds: 65 };
  const item = readItem('v', fields);
  if (!item) throw new Error('no sound was read');
  const plays = (each: typeof item) =>
    draw(
      <PlayingProvider value={{ byPress: true, upTo: null }}>
        <ItemContent item={each} />
      </PlayingProvider>,
    );
  expect(plays(item)).toMatch(/<button[^>]* aria-label="Play A splash"/);
  expect(plays(item)).toMatch(/<input type="range"[^>]* max="65"/);
  const still = draw(<ItemContent item={item} />);
  expect(still).toContain('1:05');
  expect(still).not.toMatch(/<audio|<button|<input/);
  // What goes along several slides is heard beside them; its author sees where it is.
  const along = readItem('v', { ...fields, along: 's2' });
  if (!along) throw new Error('no sound was read');
  expect(plays(along)).toBe('');
  expect(draw(<ItemContent item={along} editing />)).toContain('A splash');
});

/** An item as it is read from what somebody holds. */
function read(fields: Readonly<Record<string, unknown>>) {
  const item = readItem('i', { slideId: 's', rank: 'a0', ...fields });
  if (!item) throw new Error('no item was read');
  return item;
}

test('formulas stand among words by their drawings, and say what they are; without one they stand as typed', () => {
  const source = '\\(x^2\\)';
  const drawing = {
    width: 1000,
    height: 800,
    depth: 200,
    outline: 'M0 0H900V-700Z',
    words: [{ text: 'ж', x: 500, y: 0, size: 1000 }],
    spoken: {
      is: 'msup',
      holds: [
        { is: 'mi', says: 'x' },
        { is: 'mn', says: '2' },
      ],
    },
  };
  const text = {
    type: 'doc',
    content: [{ type: 'paragraph', content: [{ type: 'text', text: `so ${source} it is` }] }],
  };
  const drawn = draw(<ItemContent item={read({ kind: 'text', text, formulas: { [source]: drawing } })} />);
  expect(drawn).toContain('<msup><mi>x</mi><mn>2</mn></msup>');
  expect(drawn).toContain('d="M0 0H900V-700Z"');
  expect(drawn).not.toContain(source);
  expect(draw(<ItemContent item={read({ kind: 'text', text })} />)).toContain(source);
  const choice = {
    kind: 'choice',
    prompt: source,
    choices: [{ id: 'a', text: source }],
    formulas: { [source]: drawing },
  };
  expect(draw(<ItemContent item={read(choice)} />).match(/<msup>/g)).toHaveLength(2);
  // What is no path, and what is no MathML, is not drawn.
  const bad = { ...drawing, outline: 'M0 0"/><script>', words: [], spoken: { is: 'script', says: 'x' } };
  expect(draw(<ItemContent item={read({ kind: 'text', text, formulas: { [source]: bad } })} />)).not.toContain(
    'script',
  );
});

test('a chart says its figures as they are written; without any it says what is missing', () => {
  const item = read({ kind: 'chart', title: 'Birds' });
  if (item.kind !== 'chart') throw new Error('no chart was read');
  const figures = {
    heading: 'Bird',
    names: ['Curlews', 'Herons'],
    series: [{ name: 'Counted', figures: [12, null], said: ['12', ''] }],
  };
  expect(draw(<ItemContent item={{ ...item, figures }} />)).toContain('aria-label="Birds. Counted: Curlews 12"');
  expect(draw(<ItemContent item={item} />)).toContain('no figures');
});

test('ink is drawn as outlines, wider where it was pressed, and is an image once it has a name', () => {
  const item = read({
    kind: 'ink',
    strokes: [[0, 0, 0.1, 0.5, 0.5, 0.9, 1, 1, 0.2]],
    frame: { width: 100, height: 50 },
  });
  const drawn = draw(<ItemContent item={item} />);
  expect(drawn).toMatch(/<path d="M[\d. L-]+Z"/);
  expect(drawn).toContain('aria-hidden="true"');
  expect(draw(<ItemContent item={{ ...item, name: 'A ring' }} />)).toContain('aria-label="A ring"');
});

test('a card for the web shows its title and address, and nothing of the site', () => {
  const link = { to: 'web', address: 'https://www.marsh.example/owls/' };
  const drawn = draw(<ItemContent item={read({ kind: 'web-card', title: 'Owls', note: 'Listen', link })} />);
  expect(drawn).toContain('Owls');
  expect(drawn).toContain('>marsh.example/owls<');
  expect(drawn).not.toMatch(/<iframe|<script|href=/);
});

function sampleDeck(): Deck {
  let deck = applyChanges(emptyDeck('x'), addSlide(emptyDeck('x'), { id: 's', name: 'Creek' }));
  const place = (...options: Parameters<typeof addItem>) => {
    deck = applyChanges(deck, addItem(...options));
  };
  place(deck, {
    id: 'sign',
    slideId: 's',
    kind: 'shape',
    link: { to: 'back' },
    fields: { text: plainText('Go back') },
  });
  place(deck, { id: 'door', slideId: 's', kind: 'hotspot', link: { to: 'restart' } });
  place(deck, { id: 'word', slideId: 's', kind: 'blank', fields: { accepted: ['eel'] } });
  place(deck, { id: 'kelp', slideId: 's', kind: 'shape', loose: true, fields: { text: plainText('kelp') } });
  return deck;
}

describe('a drawn slide', () => {
  const deck = sampleDeck();

  test('without hands is a picture with nothing to press, under its name', () => {
    const markup = draw(<SlideView deck={deck} slideId="s" width={640} label="Creek" />);
    expect(markup).toContain('role="img"');
    expect(markup).toContain('aria-label="Creek"');
    expect(markup).toContain('inert');
    expect(markup).not.toMatch(/role="(link|button)"|<input/);
  });

  test('with links to follow names them, hotspots too', () => {
    const markup = draw(<SlideView deck={deck} slideId="s" width={640} label="Creek" follow={() => undefined} />);
    expect(markup).toMatch(/role="link"[^>]*aria-label="Go back"/);
    expect(markup).toMatch(/role="link"[^>]*aria-label="Link"/);
  });

  test('is scaled as a whole from slide units', () => {
    expect(draw(<SlideView deck={deck} slideId="s" width={640} label="" />)).toContain('scale(0.5)');
  });

  test('with work laid over it shows what was filled in, where pieces were put, and marks', () => {
    const work = { ...emptyWork, blanks: { word: 'Eel' }, pieces: { kelp: { x: 7, y: 9, zoneId: null } } };
    const marks = markWork(deck, work);
    const markup = draw(<SlideView deck={deck} slideId="s" width={1280} label="Creek" work={work} marks={marks} />);
    expect(markup).toContain('value="Eel"');
    expect(markup).toMatch(/left:7px;top:9px/);
    expect(markup).toContain('1/1');
  });
});

describe('questions', () => {
  const choices = ['otter', 'owl'].map((text) => ({ id: text, text }));
  const region = { id: 'r', shape: 'box' as const, x: 0.1, y: 0.1, width: 0.2, height: 0.2 };
  const { deck } = new DeckBuilder()
    .slide('s')
    .item('pick', 'choice', { fields: { prompt: 'Who?', choices, right: ['otter'], asksSure: true } })
    .item('gap', 'blank', { name: 'In the', fields: { options: ['creek', 'sea'], accepted: ['creek'] } })
    .item('word', 'short-text', { fields: { prompt: 'A word', accepted: ['eel'] } })
    .item('story', 'long-text', { fields: { prompt: 'Tell', leastWords: 5, model: 'the model answer' } })
    .item('count', 'number', { fields: { prompt: 'Count', right: 4242, units: [{ name: 'm', worth: 1 }] } })
    .item('map', 'point', { fields: { prompt: 'Where', regions: [region] } })
    .item('time', 'point', {
      fields: { prompt: 'When', axis: { from: 0, to: 60, unit: 'min', upright: false, right: 17, tolerance: 1 } },
    })
    .item('sketch', 'draw', { fields: { prompt: 'Draw' } })
    .item('say', 'spoken', { fields: { prompt: 'Speak' } });
  const work = {
    ...emptyWork,
    answers: {
      pick: { kind: 'choice' as const, picked: ['owl'] },
      story: { kind: 'words' as const, text: 'We saw it.' },
      map: { kind: 'dots' as const, dots: [{ x: 0.25, y: 0.5 }] },
    },
    sure: { pick: 3 as const },
    drawn: { k1: { itemId: 'sketch', tool: 'pen' as const, color: '#9b2242', width: 5, points: [0, 0, 50, 50] } },
  };
  const feedback = { pick: { verdict: 'wrong' as const, points: 0, outOf: 1, says: '', why: null, left: 0, of: '' } };
  const open = { ...readingHands(work), locked: false };

  test('drawn twice on a page, choices keep a dot each: no two copies share the name of their buttons', () => {
    const copy = <SlideView deck={deck} slideId="s" width={640} label="Creek" work={work} />;
    const markup = draw(
      <>
        {copy}
        {copy}
      </>,
    );
    const radios = [...markup.matchAll(/<input[^>]*type="radio"[^>]*>/g)].map(([input]) => ({
      name: /name="([^"]*)"/.exec(input)?.[1],
      isPicked: input.includes('checked=""'),
    }));
    const picked = radios.filter(({ isPicked }) => isPicked);
    // In each copy the choice, and how sure somebody is.
    expect(picked).toHaveLength(4);
    expect(new Set(picked.map(({ name }) => name)).size).toBe(4);
    // The two choices of a copy still belong together, and so do the grades of being sure.
    expect(new Set(radios.map(({ name }) => name)).size).toBeLessThan(radios.length);
  });

  test('are drawn for everybody with their prompts, and never with their keys', () => {
    const markup = draw(<SlideView deck={deck} slideId="s" width={640} label="" />);
    for (const prompt of ['Who?', 'A word', 'Tell', 'Count', 'Where', 'When', 'Draw', 'Speak'])
      expect(markup).toContain(prompt);
    expect(markup).not.toMatch(/the model answer|4242|gv-region|<textarea|<input|<select/);
  });

  test('are filled in by controls that have names', () => {
    const markup = draw(<SlideView deck={deck} slideId="s" width={640} label="s" fillIn={open} />);
    expect(markup).toMatch(/<select[^>]*aria-label="In the"/);
    expect(markup).toMatch(/<textarea[^>]*aria-label="A word"/);
    expect(markup).toMatch(/<input[^>]*aria-label="Count, m"/);
    expect(markup).toMatch(/role="slider"[^>]*aria-valuetext="25 50"/);
    expect(markup).toMatch(/role="application"[^>]*aria-label="Draw, 1"/);
    expect(markup).toContain('5 0');
    expect(markup).toContain('How sure?');
  });

  test('stay as they are when they were checked for the last time, with how they stand beside them', () => {
    const markup = draw(<SlideView deck={deck} slideId="s" width={640} label="s" fillIn={{ ...open, feedback }} />);
    const choice = /<fieldset class="gv-question".*?<\/fieldset>/s.exec(markup)?.[0] ?? '';
    expect(choice.match(/disabled=""/g)).toHaveLength(2);
    expect(markup).toContain('gv-mark gv-wrong');
    expect(markup).toContain('0/1');
  });

  test('what was filled in is shown to whoever looks, with nothing to press', () => {
    const markup = draw(<SlideView deck={deck} slideId="s" width={640} label="s" work={work} />);
    expect(markup).toContain('We saw it.');
    expect(markup).toContain('stroke="#9b2242"');
    expect(markup).not.toMatch(/role="(slider|application)"/);
  });
});

describe('pieces in hand', () => {
  const { deck: plain } = new DeckBuilder()
    .slide('s')
    .item('hull', 'shape', { loose: true, frame: { x: 100, y: 100, width: 80, height: 40, rotation: 0 } })
    .item('sail', 'shape', { loose: true, frame: { x: 120, y: 60, width: 40, height: 40, rotation: 0 } })
    .item('post', 'shape', { loose: true, name: 'post' });
  const deck = [groupItems(plain, ['hull', 'sail'], 'boat'), setPieceBehaviour(plain, ['post'], { pile: 2 })].reduce(
    applyChanges,
    plain,
  );
  const open = { ...readingHands(emptyWork), locked: false };

  test('a group is one piece, a pile says how many are left', () => {
    const markup = draw(<SlideView deck={deck} slideId="s" width={1280} label="s" fillIn={open} />);
    expect(markup.match(/role="button"/g)).toHaveLength(2);
    expect(markup).toMatch(/left:100px;top:60px;width:80px;height:80px/);
    expect(markup).toContain('aria-label="post 2"');
  });

  test('a copy that was given out is a piece of its own', () => {
    const work = { ...emptyWork, pieces: { 'post--1': { x: 5, y: 6, zoneId: null } } };
    const markup = draw(
      <SlideView deck={deck} slideId="s" width={1280} label="s" fillIn={{ ...readingHands(work), locked: false }} />,
    );
    expect(markup.match(/role="button"/g)).toHaveLength(3);
    expect(markup).toContain('aria-label="post 1"');
    expect(markup).toMatch(/left:5px;top:6px/);
  });
});

describe('looks', () => {
  const base = applyChanges(emptyDeck('x'), addSlide(emptyDeck('x'), { id: 's', name: 'Creek' }));
  const drawn = (...options: Omit<Parameters<typeof addItem>[1], 'slideId'>[]) => {
    const deck = options.reduce(
      (before, each) => applyChanges(before, addItem(before, { ...each, slideId: 's' })),
      base,
    );
    return draw(<SlideView deck={deck} slideId="s" width={640} label="Creek" />);
  };

  test('colours by name are the theme’s, which the ground of the slide sets', () => {
    const markup = drawn({ id: 'sign', kind: 'shape', fields: { fill: 'accent', text: plainText('on') } });
    expect(markup).toContain('fill="var(--gv-accent)"');
    expect(markup).toContain(`--gv-accent:${NOTEBOOK.colours.accent}`);
    expect(markup).toMatch(/background:var\(--gv-ground\)/);
  });

  test('a cropped picture lies behind its frame, and is cut to its shape', () => {
    const picture = 'a'.repeat(64);
    const crop = { x: 0.5, y: 0, width: 0.5, height: 1 };
    const frame = { x: 0, y: 0, width: 100, height: 80, rotation: 0 };
    const markup = drawn({
      id: 'moon',
      kind: 'picture',
      frame,
      fields: { picture, crop, shape: 'star', alt: 'The moon' },
    });
    expect(markup).toContain('left:-100px;top:0;width:200px;height:80px');
    expect(markup).toMatch(/clip-path:path\(/);
    expect(markup).toContain('alt="The moon"');
  });

  test('quotes, raised words and highlights are drawn as what they are', () => {
    const marks = [{ type: 'superscript' }, { type: 'highlight', attrs: { color: 'soft' } }];
    const paragraph = { type: 'paragraph', content: [{ type: 'text', text: 'x', marks }] };
    const text = readRichText({ content: [{ type: 'blockquote', content: [paragraph] }] });
    const markup = drawn({ id: 'words', kind: 'text', fields: { text } });
    expect(markup).toMatch(/<blockquote><p>.*<sup>.*x.*<\/sup>.*<\/p><\/blockquote>/);
    expect(markup).toContain('<mark style="background:var(--gv-soft)">');
  });

  test('what is put out of sight is not drawn', () => {
    const deck = applyChanges(
      base,
      addItem(base, { id: 'key', slideId: 's', kind: 'text', fields: { text: plainText('the key') } }),
    );
    const hidden = applyChanges(deck, setHidden(deck, ['key'], true));
    expect(draw(<SlideView deck={hidden} slideId="s" width={640} label="" />)).not.toContain('the key');
  });

  test('a tied line is led to what it joins, with what it ends in', () => {
    const markup = drawn(
      { id: 'crab', kind: 'shape', frame: { x: 0, y: 0, width: 100, height: 100, rotation: 0 } },
      { id: 'gull', kind: 'shape', frame: { x: 400, y: 0, width: 100, height: 100, rotation: 0 } },
      {
        id: 'eats',
        kind: 'line',
        fields: {
          from: { u: 0, v: 0, at: 'crab', side: null, head: 'dot' },
          to: { u: 1, v: 1, at: 'gull', side: null, head: 'triangle' },
        },
      },
    );
    expect(markup).toMatch(/class="gv-item gv-through"[^>]*left:100px;top:46px;width:300px/);
    expect(markup).toMatch(/class="gv-grasp" d="M0 4L300 4"/);
    expect(markup).toMatch(/<circle[^>]*r="1.8"/);
  });

  test('a table is one for whoever listens, with headings that say what they are about', () => {
    const fields = { headings: 'both' as const, 'cell:1:2': plainText('eats'), 'cell:2:1': plainText('Limpet') };
    const frame = { x: 0, y: 0, width: 300, height: 150, rotation: 0 };
    const markup = drawn({ id: 'table', kind: 'table', name: 'Who eats whom', frame, fields });
    expect(markup).toMatch(/role="table" aria-label="Who eats whom"/);
    expect(markup.match(/role="row"/g)).toHaveLength(3);
    expect(markup).toMatch(/role="columnheader"[^>]*left:100px;top:0[^>]*>.*?eats/);
    expect(markup).toMatch(/role="rowheader"[^>]*left:0;top:50px[^>]*>.*?Limpet/);
    // Headings without words are the headings of nothing: three of the five are cells as well.
    expect(markup.match(/role="cell"/g)).toHaveLength(7);
    expect(markup.match(/role="(column|row)header"/g)).toHaveLength(2);
    // Borders lie within the frame: the outer ones by half their weight.
    expect(markup).toContain('d="M0 1H300M0 50H300M0 100H300M0 149H300M1 0V150M100 0V150M200 0V150M299 0V150"');
  });

  test('a sign is its lines, a sticker its picture, both with a name', () => {
    const markup = drawn(
      { id: 'sign', kind: 'sign', fields: { shows: 'waves', strokes: ['M2 6h4'], color: 'second' } },
      { id: 'sticker', kind: 'sign', fields: { shows: 'octopus', sticker: '1f419' } },
    );
    expect(markup).toMatch(/role="img" aria-label="waves"><path d="M2 6h4"[^>]*stroke="var\(--gv-second\)"/);
    expect(markup).toMatch(/src="\/stickers\/1f419\.svg" alt="octopus"/);
  });

  test('a moving picture has a still one for those who want no movement', () => {
    const picture = 'a'.repeat(64);
    expect(drawn({ id: 'lamp', kind: 'picture', fields: { picture, moving: true } })).toContain(
      `media="(prefers-reduced-motion: reduce)" srcSet="/pictures/${picture}/still"`,
    );
    expect(drawn({ id: 'lamp', kind: 'picture', fields: { picture } })).not.toContain('still');
  });

  test('the ground is the slide’s own or the theme’s, and the number is shown where it should be', () => {
    const ground = (fields: Partial<Omit<Slide, 'id'>>) => {
      const theme = { ...base.theme, backdrop: 'foot' as const };
      const deck = applyChanges({ ...base, theme }, [{ type: 'set-slide', id: 's', fields }]);
      return draw(<SlideView deck={deck} slideId="s" width={640} label="Creek" />);
    };
    expect(ground({})).toContain('gv-backdrop');
    expect(ground({})).not.toContain('gv-number');
    expect(ground({ numbered: true })).toContain('<span class="gv-number">1</span>');
    const own = ground({ wash: { to: '#f6ead0', angle: 90 } });
    expect(own).toContain('linear-gradient(90deg, var(--gv-ground), #f6ead0)');
    expect(own).not.toContain('gv-backdrop');
    const picture = 'b'.repeat(64);
    const papered = ground({ groundPicture: { picture, moving: true, lay: 'tile', faded: 0.5 } });
    expect(papered).toContain(`/pictures/${picture}/still`);
    expect(papered).toContain('opacity:0.5');
  });
});

describe('a show', () => {
  const base = sampleDeck();
  const place = (deck: Deck, options: Omit<Parameters<typeof addItem>[1], 'slideId'>) =>
    applyChanges(deck, addItem(deck, { ...options, slideId: 's' }));
  const appears = (deck: Deck, id: string, step: number) =>
    applyChanges(deck, [{ type: 'set-item', id, fields: { appears: step } }]);
  const viewed = place(base, {
    id: 'creek',
    kind: 'viewpoint',
    name: 'The creek',
    frame: { x: 100, y: 100, width: 320, height: 180, rotation: 0 },
  });
  const room = { width: 640, height: 400 };

  test('shows what has appeared by then, and everything where nobody counts', () => {
    const deck = appears(base, 'sign', 2);
    const shown = (appeared?: number) =>
      draw(<SlideView deck={deck} slideId="s" width={640} label="Creek" appeared={appeared} />);
    expect(shown(1)).not.toContain('Go back');
    expect(shown(2)).toContain('Go back');
    expect(shown()).toContain('Go back');
  });

  test('draws a viewpoint only when its author wants its frame seen, and never its name', () => {
    const shown = (framed: boolean) => {
      const deck = applyChanges(viewed, [{ type: 'set-item', id: 'creek', fields: { framed } }]);
      return draw(<SlideView deck={deck} slideId="s" width={640} label="Creek" />);
    };
    expect(shown(false)).not.toContain('gv-viewpoint-framed');
    expect(shown(true)).toContain('gv-viewpoint-framed');
    expect(shown(true)).not.toContain('The creek');
  });

  test('lets what a viewpoint looks at be pressed: its edge and its name are grasped, while editing', () => {
    const item = viewed.items['creek'];
    if (!item) throw new Error('the viewpoint is there');
    const edited = draw(<ItemContent item={item} editing />);
    expect(edited).toContain('gv-grasp gv-edge');
    expect(edited).toContain('<span class="">The creek</span>');
    const top = draw(<ItemContent item={{ ...item, frame: { ...item.frame, y: 0 } }} editing />);
    expect(top).toContain('<span class="gv-within">The creek</span>');
    expect(draw(<ItemContent item={item} />)).not.toContain('gv-grasp');
  });

  test('aims its camera at the viewpoint of a stop, else at the whole slide', () => {
    expect(cameraAt(viewed, { viewpointId: 'creek' }, room)).toEqual({ x: 260, y: 190, width: 320, rotation: 0 });
    const whole = { x: 640, y: 360, width: 1280, rotation: 0 };
    expect(cameraAt(viewed, { viewpointId: null }, room)).toEqual(whole);
    expect(cameraAt(viewed, { viewpointId: 'gone' }, room)).toEqual(whole);
  });

  test('fits closely around a slide, and takes all of the room where the camera travels', () => {
    expect(fittedRoom(base, { slideId: 's' }, room)).toEqual({ width: 640, height: 360 });
    expect(fittedRoom(viewed, { slideId: 's' }, room)).toEqual(room);
  });

  test('is pressed within the shape of a hotspot, not anywhere in its frame', () => {
    const deck = applyChanges(base, [{ type: 'set-item', id: 'door', fields: { shape: 'diamond' } }]);
    const markup = draw(<SlideView deck={deck} slideId="s" width={640} label="Creek" follow={() => undefined} />);
    expect(markup).toMatch(/gv-through"[^>]*role="link"[^>]*aria-label="Link"/);
    expect(markup).toMatch(/class="gv-hotspot"[^>]*><path[^>]*d="M100 0L200 70L100 140L0 70Z"/);
  });

  test('says which language it is in, and which texts are in another; says nothing where nobody has', () => {
    const view = (deck: Deck) => draw(<SlideView deck={deck} slideId="s" width={640} label="Creek" />);
    expect(view(base)).not.toContain('lang=');
    const arabic = view({ ...base, language: 'ar' });
    expect(arabic).toMatch(/^<div class="gv-slide"[^>]*lang="ar" dir="rtl"/);
    const [id = ''] = Object.keys(base.items);
    const mixed = applyChanges({ ...base, language: 'ar' }, [{ type: 'set-item', id, fields: { language: 'fr' } }]);
    expect(view(mixed)).toMatch(/class="gv-item[^>]*lang="fr" dir="ltr"/);
    expect(view(mixed).match(/lang=/g)).toHaveLength(2);
  });

  test('stands on its stage under its name', () => {
    const stop = { slideId: 's', viewpointId: null, appeared: 0 };
    const markup = draw(<ShowStage deck={base} stop={stop} room={room} label="Creek" follow={() => undefined} />);
    expect(markup).toContain('gv-stage');
    expect(markup).toMatch(/role="group"[^>]*aria-label="Creek"/);
    expect(markup).not.toContain('gv-going');
  });
});
