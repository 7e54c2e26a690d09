/** What an item says to the students who answer it, as plain words. */
import type { XmlElement } from '../xml/index.js';

/** Elements within a line: no gap stands around them. */
const inLine = new Set(
  ['a', 'abbr', 'b', 'bdi', 'bdo', 'big', 'cite', 'code', 'dfn', 'em', 'i', 'kbd', 'mark', 'q', 's', 'samp'].concat([
    ...['small', 'span', 'strong', 'sub', 'sup', 'tt', 'u', 'var'],
  ]),
);

/** Signs that stand raised or lowered by themselves. */
const raised = signs('0123456789+-=()ni', '⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻⁼⁽⁾ⁿⁱ');
const lowered = signs('0123456789+-=()aeoxhklmnpsti', '₀₁₂₃₄₅₆₇₈₉₊₋₌₍₎ₐₑₒₓₕₖₗₘₙₚₛₜᵢ');

function signs(plain: string, placed: string): ReadonlyMap<string, string> {
  const to = [...placed];
  return new Map([...plain].map((sign, at) => [sign, to[at] ?? sign]));
}

/** Whether an element is not for students to read while they answer: feedback, or marking notes. */
export function isKeptBack({ name, attributes }: XmlElement): boolean {
  if (name === 'feedback-inline' || name === 'feedback-block' || name === 'modal-feedback') return true;
  return name === 'rubric-block' && !(attributes['view'] ?? '').split(/\s+/).includes('candidate');
}

/** The unit behind the place of a number, as it is written here. */
export function isUnit({ name, attributes }: XmlElement): boolean {
  return name === 'span' && attributes['class'] === 'unit';
}

/**
 * The words of an element as students read them. Raised and lowered signs stay so where there are such signs, and are
 * marked by ^( ) and _( ) where there are none.
 * @param put what stands in the place of an element within it; `null` for its own words
 */
export function wordsIn(element: XmlElement, put: (child: XmlElement) => string | null = () => null): string {
  return spoken(element, put).replace(/\s+/g, ' ').trim();
}

function spoken(element: XmlElement, put: (child: XmlElement) => string | null): string {
  return element.children
    .map((child) => {
      if (typeof child === 'string') return child;
      if (isKeptBack(child)) return ' ';
      const instead = put(child);
      if (instead !== null) return ` ${instead} `;
      const words = spoken(child, put);
      if (child.name === 'sup' || child.name === 'sub') return placedSigns(child.name, words.trim());
      return inLine.has(child.name) ? words : ` ${words} `;
    })
    .join('');
}

function placedSigns(name: 'sup' | 'sub', words: string): string {
  const known = name === 'sup' ? raised : lowered;
  if ([...words].every((sign) => known.has(sign))) return [...words].map((sign) => known.get(sign)).join('');
  return `${name === 'sup' ? '^' : '_'}(${words})`;
}
