/** Forms of formulas put where the caret is. */
import { formulaForms, nextPlace, putForm } from './formula-forms';

test('what is marked goes into the first place of a form, and the next place is marked', () => {
  expect(putForm('a+b', 0, 3, '\\frac{□}{□}')).toEqual({ text: '\\frac{a+b}{□}', from: 11, to: 12 });
  expect(putForm('x', 1, 1, '^{\\circ}')).toEqual({ text: 'x^{\\circ}', from: 9, to: 9 });
});

test('a name of letters stays apart from a letter behind it', () => {
  expect(putForm('r', 0, 0, '\\pi').text).toBe('\\pi r');
  expect(putForm('2', 0, 0, '\\pi').text).toBe('\\pi2');
});

test('every form keeps the rest of the text, whatever the caret', () => {
  const text = 'ab+c';
  for (const forms of Object.values(formulaForms))
    for (const { tex } of forms)
      for (let at = 0; at <= text.length; at += 1) {
        const { text: next, from, to } = putForm(text, at, at, tex);
        expect(next.startsWith(text.slice(0, at))).toBe(true);
        expect(next.endsWith(text.slice(at))).toBe(true);
        expect(next.slice(from, to)).toBe(tex.includes('□') ? '□' : '');
      }
});

test('the next place is the one behind the caret, else the first', () => {
  expect(nextPlace('\\frac{□}{□}', 7)).toEqual({ from: 9, to: 10 });
  expect(nextPlace('\\frac{□}{x}', 10)).toEqual({ from: 6, to: 7 });
  expect(nextPlace('x', 0)).toBeNull();
});
