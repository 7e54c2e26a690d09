/** What formulas are put together from: a press puts it where the caret is. */

/** A form in TeX. `□` stands where something is filled in: the first one is marked after it was put in. */
export interface FormulaForm {
  readonly name: FormName;
  readonly tex: string;
}

/** The forms, by what they are for. */
export const formulaForms = {
  building: [
    { name: 'fraction', tex: '\\frac{□}{□}' },
    { name: 'power', tex: '□^{□}' },
    { name: 'index', tex: '□_{□}' },
    { name: 'root', tex: '\\sqrt{□}' },
    { name: 'nthRoot', tex: '\\sqrt[□]{□}' },
    { name: 'brackets', tex: '\\left(□\\right)' },
    { name: 'words', tex: '\\text{□}' },
  ],
  larger: [
    { name: 'sum', tex: '\\sum_{□}^{□}' },
    { name: 'integral', tex: '\\int_{□}^{□} □\\,dx' },
    { name: 'limit', tex: '\\lim_{□\\to\\infty}' },
    { name: 'binomial', tex: '\\binom{□}{□}' },
    { name: 'matrix', tex: '\\begin{pmatrix}□&□\\\\□&□\\end{pmatrix}' },
    { name: 'system', tex: '\\left\\{\\begin{aligned}□&=□\\\\□&=□\\end{aligned}\\right.' },
    { name: 'vector', tex: '\\vec{□}' },
    { name: 'line', tex: '\\overline{□}' },
    { name: 'chemistry', tex: '\\ce{2H2 + O2 -> 2H2O}' },
  ],
  signs: [
    { name: 'times', tex: '\\cdot' },
    { name: 'plusMinus', tex: '\\pm' },
    { name: 'notEqual', tex: '\\neq' },
    { name: 'atMost', tex: '\\leq' },
    { name: 'atLeast', tex: '\\geq' },
    { name: 'about', tex: '\\approx' },
    { name: 'infinity', tex: '\\infty' },
    { name: 'degrees', tex: '^{\\circ}' },
    { name: 'angle', tex: '\\angle' },
    { name: 'follows', tex: '\\Rightarrow' },
    { name: 'alpha', tex: '\\alpha' },
    { name: 'beta', tex: '\\beta' },
    { name: 'delta', tex: '\\Delta' },
    { name: 'lambda', tex: '\\lambda' },
    { name: 'pi', tex: '\\pi' },
    { name: 'phi', tex: '\\varphi' },
    { name: 'omega', tex: '\\omega' },
  ],
} as const;

/** The name of a form. */
export type FormName = (typeof formulaForms)[keyof typeof formulaForms][number]['name'];

/** A text with something put where the caret is, and what is marked after that. */
export interface PutIn {
  readonly text: string;
  readonly from: number;
  readonly to: number;
}

/** Puts a form where the caret is: what was marked goes into its first place. */
export function putForm(text: string, from: number, to: number, form: string): PutIn {
  const marked = text.slice(from, to);
  const filled = marked === '' ? form : form.replace('□', marked);
  // A name of letters must not run into the letter behind it.
  const apart = /\\[a-zA-Z]+$/.test(filled) && /^[a-zA-Z]/.test(text.slice(to)) ? ' ' : '';
  const next = text.slice(0, from) + filled + apart + text.slice(to);
  const place = next.indexOf('□', from);
  const isWithin = place >= 0 && place < from + filled.length;
  const end = from + filled.length + apart.length;
  return { text: next, from: isWithin ? place : end, to: isWithin ? place + 1 : end };
}

/** The next place to be filled in behind the caret, or the first one; `null` where none is left. */
export function nextPlace(text: string, caret: number): { readonly from: number; readonly to: number } | null {
  const behind = text.indexOf('□', caret);
  const place = behind >= 0 ? behind : text.indexOf('□');
  return place < 0 ? null : { from: place, to: place + 1 };
}
