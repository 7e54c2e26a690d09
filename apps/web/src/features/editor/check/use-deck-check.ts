/** What the deck check finds, kept up to date by a worker while the author works. */
import { type Finding, type Given, type Samples } from '@gobrel/core/checks';
import { type Deck, picturesIn, type SlideId } from '@gobrel/core/deck';
import { useEffect } from 'react';
import { create } from 'zustand';
import { askingWorker } from '../../../shared/workers';
import type { CheckTasks } from './check-worker';
import { partsBetween } from './deck-parts';
import { samplePicture } from './sample-pictures';

/** How long nothing has to change before it is looked at, in milliseconds. */
const REST = 300;

interface CheckStore {
  /** What was found; `null` until the deck was looked at for the first time. */
  readonly findings: readonly Finding[] | null;
  /** The colours of the pictures that were read, for whatever is mended here. */
  readonly samples: Readonly<Record<string, Samples>>;
}

/** What was found last. */
export const useCheck = create<CheckStore>(() => ({ findings: null, samples: {} }));

/** How much of a slide is to be fixed before class. */
export function useToFix(slideId: SlideId): number {
  return useCheck(
    ({ findings }) => findings?.filter((each) => each.slideId === slideId && each.level === 'fix').length ?? 0,
  );
}

/** What is known besides the deck, for mending it on the page. */
export function givenFor(deck: Deck): Given {
  const { samples } = useCheck.getState();
  return { settings: deck.check, colours: (id) => samples[id] ?? null };
}

/** Looks the deck through whenever it has changed. */
export function useDeckCheck(deck: Deck): void {
  useEffect(() => {
    const timer = setTimeout(() => checker.look(deck), REST);
    return () => clearTimeout(timer);
  }, [deck]);
  useEffect(() => () => checker.forget(), []);
}

/** One look at a time; what changes meanwhile is looked at next. */
class Checker {
  private ask = this.begin();
  private told: Deck | null = null;
  private next: Deck | null = null;
  private isLooking = false;
  private tried = new Set<string>();
  private fresh: Record<string, Samples> = {};
  /** Says which deck answers belong to. */
  private round = 0;

  look(deck: Deck): void {
    this.next = deck;
    if (!this.isLooking) void this.goOn();
  }

  forget(): void {
    this.round += 1;
    this.told = this.next = null;
    this.tried = new Set();
    this.fresh = {};
    this.ask = this.begin();
    useCheck.setState({ findings: null, samples: {} });
  }

  private begin() {
    return askingWorker<CheckTasks>(
      () => new Worker(new URL('./check-worker.ts', import.meta.url), { type: 'module' }),
    );
  }

  private async goOn(): Promise<void> {
    this.isLooking = true;
    const { round } = this;
    while (this.next && round === this.round) {
      const deck = this.next;
      this.next = null;
      const [parts, samples] = [partsBetween(this.told, deck), this.fresh];
      this.told = deck;
      this.fresh = {};
      const findings = await this.ask('check', { parts, samples });
      if (round !== this.round) break;
      useCheck.setState({ findings });
      if (await this.readPicture(deck)) this.next ??= deck;
    }
    this.isLooking = false;
    if (this.next) void this.goOn();
  }

  /** Reads the pictures that are not known yet, as long as nothing else is to be done; whether there were any. */
  private async readPicture(deck: Deck): Promise<boolean> {
    const moving = new Set(
      Object.values(deck.items).flatMap((item) => (item.kind === 'picture' && item.moving ? [item.picture] : [])),
    );
    let isNew = false;
    for (const id of picturesIn(deck)) {
      if (this.tried.has(id)) continue;
      if (this.next) break;
      this.tried.add(id);
      const samples = await samplePicture(id, moving.has(id));
      if (!samples) continue;
      this.fresh[id] = samples;
      isNew = true;
      useCheck.setState((store) => ({ samples: { ...store.samples, [id]: samples } }));
    }
    return isNew;
  }
}

const checker = new Checker();
