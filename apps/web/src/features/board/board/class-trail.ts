/** The trails of a class: how each slide stands for each student, and what the class has done on each slide. */
import { type Deck, itemsOf, type Slide, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { isQuestion, type Marks, type Standing, standingOn } from '@gobrel/core/questions';
import type { IsFixed, Work } from '@gobrel/core/work';

/** A slide of a trail. */
export interface TrailSlide {
  readonly slide: Slide;
  /** Whether something is asked or to be added on it: others are only passed. */
  readonly asks: boolean;
}

/** The slides of an edition, in running order. */
export function trailSlides(edition: Deck): readonly TrailSlide[] {
  return slidesInOrder(edition).map((slide) => ({
    slide,
    asks: itemsOf(edition, slide.id).some((item) => isQuestion(item) || item.kind === 'open-area'),
  }));
}

/** What a trail is made of. */
export interface Walker {
  /** Who it is. */
  readonly key: string;
  readonly work: Work;
  readonly marks: Marks | undefined;
  /** The slide they are on; `null` when that is not known. */
  readonly at: SlideId | null;
  readonly isSubmitted: boolean;
}

interface Known extends Omit<Walker, 'key'> {
  readonly standings: readonly Standing[];
}

/** Makes trails again and again, each anew only when its student has gone on: the board looks at all of them often. */
export class ClassTrails {
  private readonly known = new Map<string, Known>();
  private slides: readonly TrailSlide[] = [];

  /** How each of the slides stands for somebody, in the order of the slides; the same list while nothing has changed. */
  of(edition: Deck, slides: readonly TrailSlide[], { key, ...facts }: Walker, isFixed: IsFixed): readonly Standing[] {
    if (slides !== this.slides) {
      this.slides = slides;
      this.known.clear();
    }
    const known = this.known.get(key);
    if (known && isSame(known, facts)) return known.standings;
    const standings = slides.map(({ slide }) => standingOn(edition, slide.id, facts.work, { ...facts, isFixed }));
    this.known.set(key, { ...facts, standings });
    return standings;
  }
}

/** Whether nothing has changed of what a trail is made of. */
function isSame(one: Omit<Walker, 'key'>, other: Omit<Walker, 'key'>): boolean {
  const { work, marks, at, isSubmitted } = other;
  return one.work === work && one.marks === marks && one.at === at && one.isSubmitted === isSubmitted;
}

/** What a class has done on one slide: so many students each. */
export interface ClassOnSlide {
  readonly here: number;
  readonly right: number;
  readonly partly: number;
  readonly wrong: number;
  /** Answered, and not or not yet judged. */
  readonly answered: number;
}

/** What a class has done on each slide. @param walkers everybody's trail with the slide they are on */
export function classOn(
  slides: readonly TrailSlide[],
  walkers: readonly { readonly at: SlideId | null; readonly standings: readonly Standing[] }[],
): readonly ClassOnSlide[] {
  return slides.map(({ slide, asks }, index) => {
    const count = (...standings: readonly Standing[]) =>
      asks ? walkers.filter((walker) => standings.includes(walker.standings[index] ?? 'unseen')).length : 0;
    return {
      here: walkers.filter(({ at }) => at === slide.id).length,
      right: count('right'),
      partly: count('partly'),
      wrong: count('wrong', 'empty'),
      answered: count('answered', 'unmarked'),
    };
  });
}
