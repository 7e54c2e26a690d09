/** Writes the plan of a deck as it is: what was changed on the slides is in it. */
import { type Deck, type Destination, lettersOf, type SlideId, slidesInOrder } from '../deck/index.js';
import { AS_IT_IS, comparable, stepWords } from './plan.js';
import { bodyOf, choicesOf } from './plan-parts.js';
import { escaped } from './read-plan.js';

/** The plan of a deck, which `readPlan` reads again. Passages are numbered in running order. */
export function writePlan(deck: Deck): string {
  const slides = slidesInOrder(deck);
  const names = new Map<string, number>();
  for (const { name } of slides) names.set(comparable(name), (names.get(comparable(name)) ?? 0) + 1);
  const places = new Map(slides.map(({ id }, place) => [id, place + 1] as const));
  const called = (slideId: SlideId): string => {
    const name = deck.slides[slideId]?.name ?? '';
    const isPlain = name !== '' && names.get(comparable(name)) === 1 && !isMisread(name);
    return isPlain ? name : String(places.get(slideId) ?? '?');
  };
  return slides
    .map(({ id, name }, place) => {
      const body = bodyOf(deck, id);
      const text = body ? lettersOf(body.text).trim() : '';
      const lines = text === '' ? [] : text.split('\n').map(escaped);
      const choices = choicesOf(deck, id).map(({ said, destination }) => `- ${said} → ${target(destination, called)}`);
      return [`${place + 1}. ${name}`.trim(), ...lines, ...choices].join('\n');
    })
    .join('\n\n')
    .concat('\n');
}

function target(destination: Destination, called: (slideId: SlideId) => string): string {
  switch (destination.to) {
    case 'slide':
      return called(destination.slideId);
    case 'viewpoint':
    case 'by-answer':
    case 'deck':
    case 'web':
    case 'file':
      return AS_IT_IS;
    default:
      return stepWords[destination.to][0];
  }
}

/** Names that a plan would read as something else: numbers, steps, and those with arrows or brackets in them. */
function isMisread(name: string): boolean {
  const said = comparable(name);
  return (
    /^#?\d+$/.test(said) ||
    /[[\]()]|->|→|=>|⇒|^[?…]$|^\.\.\.$/.test(said) ||
    Object.values(stepWords).some((words) => words.includes(said))
  );
}
