/** A graph of slides and links as other programs can draw it: what the readers give and the writers take. */
import { cutText, type Deck, sectionsAround, slidesInOrder } from '../deck/index.js';
import { mapWays } from '../route-map/index.js';
import type { Plan } from '../story-plan/index.js';

/** A slide of a sketch. */
export interface SketchSlide {
  /** Its name in the file. */
  readonly id: string;
  readonly name: string;
  /** The title of the section it is in; `null` when it is in none. */
  readonly section: string | null;
}

/** A way of a sketch, by the ids of its slides. */
interface SketchLink {
  readonly from: string;
  readonly to: string;
  /** The words that carry the link; '' when there are none. */
  readonly words: string;
  /** Whether it is the running order and no link. */
  readonly isOrder: boolean;
}

/** A graph of slides and links. */
export interface RouteSketch {
  readonly title: string;
  readonly slides: readonly SketchSlide[];
  readonly links: readonly SketchLink[];
}

/** Something in a file that was not understood, or has no counterpart here. */
export interface Unread {
  /** The line it stands on, counted from 1; 0 when it is about the whole file. */
  readonly line: number;
  readonly kind: UnreadKind;
  /** The words of the file that it is about; may be ''. */
  readonly said: string;
}

/** Why something of a file is not brought in. */
type UnreadKind =
  /** It tells only of looks. */
  | 'look'
  /** A connection without a direction; it was taken as leading one way. */
  | 'undirected'
  /** Something else than nodes and connections. */
  | 'other'
  /** A bracket, a quote or a group is not closed. */
  | 'unclosed'
  /** The file is not of this format. */
  | 'not-this-format'
  /** There is more than can be brought in. */
  | 'too-much';

/** What a reader makes of a file. */
export interface ReadSketch {
  readonly sketch: RouteSketch;
  readonly unread: readonly Unread[];
}

/** The most slides and links that are brought in from a file. */
export const MOST_OF_SKETCH = { slides: 2_000, links: 10_000, letters: 5_000_000 } as const;

/** The graph of a deck. */
export function sketchOf(deck: Deck): RouteSketch {
  return {
    title: deck.title,
    slides: slidesInOrder(deck).map(({ id, name }, place) => ({
      id: `s${place + 1}`,
      name: name || `${place + 1}`,
      section: sectionsAround(deck, id).at(-1)?.title ?? null,
    })),
    links: linksBetween(deck),
  };
}

function linksBetween(deck: Deck): readonly SketchLink[] {
  const ids = new Map(slidesInOrder(deck).map(({ id }, place) => [id, `s${place + 1}`] as const));
  return mapWays(deck).map(({ from, to, link }) => ({
    from: ids.get(from) ?? '',
    to: ids.get(to) ?? '',
    words: (link?.carrier ?? '').replace(/\s+/g, ' ').trim(),
    isOrder: link === null,
  }));
}

/** A sketch as a story plan, to make slides of it. Links without words are called after the slide they lead to. */
export function planOf({ slides, links }: RouteSketch): Plan {
  const places = new Map(slides.map(({ id }, place) => [id, place] as const));
  const leaving = new Map<string, SketchLink[]>();
  for (const link of links) {
    if (link.isOrder) continue;
    const known = leaving.get(link.from);
    if (known) known.push(link);
    else leaving.set(link.from, [link]);
  }
  return {
    problems: [],
    passages: slides.map(({ id, name }, place) => ({
      name: cutText(name, 120),
      number: place + 1,
      text: '',
      line: place + 1,
      choices: (leaving.get(id) ?? []).map(({ to, words }) => ({
        words: words || (slides[places.get(to) ?? -1]?.name ?? to),
        target: { to: 'passage', named: `#${(places.get(to) ?? 0) + 1}` },
        line: place + 1,
      })),
    })),
  };
}

/** Collects slides and links while a file is read: a slide is there as soon as something is said of it. */
export class SketchBuilder {
  private readonly slides = new Map<string, { name: string | null; section: string | null }>();
  private readonly links: SketchLink[] = [];
  readonly unread: Unread[] = [];
  title = '';

  /** Notes a slide; its name when one is given, its section when it has none yet. */
  slide(id: string, name: string | null, section: string | null): void {
    const known = this.slides.get(id);
    if (!known && this.slides.size >= MOST_OF_SKETCH.slides) return this.miss(0, 'too-much', id);
    this.slides.set(id, { name: name ?? known?.name ?? null, section: known?.section ?? section });
  }

  /** Notes a link between two slides that are noted. */
  link(from: string, to: string, words: string, isOrder: boolean): void {
    if (!this.slides.has(from) || !this.slides.has(to)) return;
    if (this.links.length >= MOST_OF_SKETCH.links) return this.miss(0, 'too-much', words);
    this.links.push({ from, to, words, isOrder });
  }

  /** Notes what is not brought in, each kind of the same words once. */
  miss(line: number, kind: UnreadKind, said: string): void {
    const short = cutText(said.trim(), 80);
    if (!this.unread.some((other) => other.kind === kind && (other.said === short || kind === 'too-much')))
      this.unread.push({ line, kind, said: short });
  }

  done(): ReadSketch {
    const slides = [...this.slides].map(([id, { name, section }]) => ({ id, name: name || id, section }));
    return { sketch: { title: this.title, slides, links: this.links }, unread: this.unread };
  }
}
