import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  applyChanges,
  copyToClip,
  type Credit,
  creditLine,
  creditOfTags,
  creditsOf,
  creditText,
  type CreditWords,
  gatherCredits,
  isComplete,
  lettersOf,
  licenceIn,
  licenceNames,
  licences,
  linkedWordsOf,
  pasteItems,
  readClip,
  readCredit,
  readCreditLine,
  setItemFields,
} from '../index.js';

const words: CreditWords = {
  titleBy: (title, author) => `“${title}” by ${author}`,
  titled: (title) => `“${title}”`,
  by: (author) => `By ${author}`,
  licence: { own: 'Own work', allowed: 'Used with permission' },
};
const heron: Credit = {
  title: 'Heron at dusk',
  author: 'R. Sedge',
  source: 'https://pictures.example/heron',
  licence: 'cc-by-sa-4.0',
};

describe('licences', () => {
  test('are known by their names and their addresses, each by its own', () => {
    for (const name of licenceNames) {
      const { name: short, address } = licences[name];
      if (short === '') continue;
      expect([licenceIn(short), licenceIn(address), licenceIn(`Licensed under ${short}.`)]).toEqual([name, name, name]);
    }
  });

  test('of another version, or none at all, are not guessed', () => {
    expect(['CC BY 9.9', 'All rights reserved', 'by R. Sedge', 'https://creativecommons.org/'].map(licenceIn)).toEqual([
      null,
      null,
      null,
      null,
    ]);
  });

  test('say what one may do', () => {
    expect(licences['cc-by-nc-nd-4.0']).toMatchObject({ change: false, sell: false, named: true });
    expect(licences['cc-by-sa-2.0']).toMatchObject({ change: true, sell: true });
    expect(licences['cc0-1.0']).toMatchObject({ change: true, sell: true, named: false });
  });
});

describe('credit lines', () => {
  const plain = fc.stringMatching(/^[A-Z][a-z]{2,9}( [A-Z][a-z]{2,9})?$/);
  const anyCredit: fc.Arbitrary<Credit> = fc.record({
    title: plain,
    author: plain
      .filter((name) => !/^(Via|From|Under|Licensed)\b/.test(name))
      // With the first letter of another name, as many write it.
      .chain((name) => fc.constantFrom(name, `R. ${name}`)),
    source: fc.stringMatching(/^[a-z]{3,8}$/).map((name) => `https://${name}.example/pictures`),
    licence: fc.constantFrom(...licenceNames.filter((name) => licences[name].name !== '')),
  });

  test('with their addresses, read again, are the very papers', () => {
    fc.assert(
      fc.property(anyCredit, (credit) => {
        expect(readCreditLine(`${creditLine(credit, words)}, ${credit.source}`)).toEqual(credit);
      }),
    );
  });

  test('as other places write them are read as far as they say something', () => {
    expect(
      readCreditLine(
        '"Owl" by Nadia Quill is licensed under CC BY 2.0. To view a copy, see https://creativecommons.org/licenses/by/2.0/',
      ),
    ).toEqual({
      title: 'Owl',
      author: 'Nadia Quill',
      source: '',
      licence: 'cc-by-2.0',
    });
    expect(readCreditLine('Photo: Tomas Reed, CC0 1.0, https://herons.example/7')).toEqual({
      title: '',
      author: 'Tomas Reed',
      source: 'https://herons.example/7',
      licence: 'cc0-1.0',
    });
    expect(readCreditLine('a nice picture')).toBeNull();
    expect(readCreditLine('  ')).toBeNull();
  });

  test('link the title to where it is from, and the licence to where it is read', () => {
    const text = creditText([heron], words);
    expect(lettersOf(text)).toBe('“Heron at dusk” by R. Sedge, CC BY-SA 4.0');
    expect(linkedWordsOf(text).map(({ destination }) => destination)).toEqual([
      { to: 'web', address: heron.source },
      { to: 'web', address: 'https://creativecommons.org/licenses/by-sa/4.0/' },
    ]);
    expect(creditLine({ ...heron, title: '', author: '', licence: 'own' }, words)).toBe('pictures.example, Own work');
    expect(creditLine({ ...heron, source: 'Birds of the marsh, p. 7' }, words)).toContain('Birds of the marsh, p. 7');
  });

  test('are complete with a licence, and its author where that has to be named', () => {
    expect(isComplete(heron)).toBe(true);
    expect(isComplete({ ...heron, author: '' })).toBe(false);
    expect(isComplete({ ...heron, author: '', licence: 'cc0-1.0' })).toBe(true);
    expect([isComplete({ ...heron, licence: null }), isComplete(null)]).toEqual([false, false]);
  });

  test('from anybody hold words, and a licence that is known', () => {
    expect(readCredit({ title: ' Owl ', author: 7, source: 'x'.repeat(900), licence: 'mine' })).toEqual({
      title: 'Owl',
      author: '',
      source: 'x'.repeat(500),
      licence: null,
    });
    expect([readCredit({}), readCredit('x'), readCredit(null)]).toEqual([null, null, null]);
  });

  test('are read from what cameras and archives write into a file', () => {
    expect(
      creditOfTags({
        title: 'Heron',
        author: '',
        rights: '© 2021 R. Sedge. Some rights reserved',
        licence: 'https://creativecommons.org/licenses/by/4.0/',
        source: 'https://pictures.example/heron',
      }),
    ).toEqual({ title: 'Heron', author: 'R. Sedge', source: 'https://pictures.example/heron', licence: 'cc-by-4.0' });
    expect(creditOfTags({ title: '', author: '', rights: '', licence: '', source: '' })).toBeNull();
  });
});

describe('papers in a deck', () => {
  const { deck } = new DeckBuilder()
    .slide('creek')
    .item('heron', 'picture', { fields: { picture: 'a'.repeat(64), credit: heron } })
    .item('again', 'picture', { fields: { picture: 'a'.repeat(64), credit: heron } })
    .slide('end')
    .item('list', 'text', { fields: { gathers: 'credits' } });
  const gathered = (of: typeof deck, changes: Parameters<typeof gatherCredits>[1] = []) =>
    applyChanges(of, [...changes, ...gatherCredits(of, changes, words)]);
  const listed = (of: typeof deck) => {
    const item = of.items['list'];
    return item?.kind === 'text' ? lettersOf(item.text) : '';
  };

  test('go along when what they are for is copied', () => {
    const { changes, pasted } = pasteItems(deck, 'end', readClip(copyToClip(deck, ['heron']).json));
    expect(applyChanges(deck, changes).items[pasted[0] ?? '']).toMatchObject({ credit: heron });
  });

  test('are gathered, each once, and the list stays true whatever is done', () => {
    expect(creditsOf(deck)).toEqual([heron]);
    const first = gathered(deck);
    expect(listed(first)).toBe('“Heron at dusk” by R. Sedge, CC BY-SA 4.0');
    expect(gatherCredits(first, [], words)).toEqual([]);
    const owl: Credit = { title: 'An owl', author: 'Odile Farrow', source: '', licence: 'own' };
    const second = gathered(first, setItemFields(first, 'again', { credit: owl }));
    expect(listed(second)).toBe('“An owl” by Odile Farrow, Own work\n“Heron at dusk” by R. Sedge, CC BY-SA 4.0');
    const third = gathered(second, [{ type: 'remove-item', id: 'heron' }]);
    expect(listed(third)).toBe('“An owl” by Odile Farrow, Own work');
  });
});
