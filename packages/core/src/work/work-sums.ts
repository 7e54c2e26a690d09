/** What is bounded for a work as a whole, rather than entry by entry: counted on as entries come and go. */
import type { Deck, ItemId } from '../deck/index.js';
import { type AnyWorkEntry, type Work, workLimits, type WorkPart, workParts } from './work.js';

/** What one entry adds to the sums. */
interface Weight {
  /** Letters of base64 of a recording or a picture, numbers of a stroke; 0 for everything else. */
  readonly amount: number;
  /** The zone a piece rests in. */
  readonly zoneId: ItemId | null;
}

/** The sums of a work. Costs a step an entry that changes, however much the work holds. */
export class WorkSums {
  private readonly weights = new Map<string, Weight>();
  private readonly counts = new Map<WorkPart, number>();
  private readonly amounts = new Map<WorkPart, number>();
  private readonly inZones = new Map<ItemId, number>();

  /** The sums of everything in a work. */
  static of(work: Work): WorkSums {
    const sums = new WorkSums();
    for (const part of workParts) for (const [id, entry] of Object.entries(work[part])) sums.put(part, id, entry);
    return sums;
  }

  /** Counts what is under an id from now on, `undefined` for nothing, instead of what was there. */
  put(part: WorkPart, id: string, entry: AnyWorkEntry | undefined): void {
    const key = `${part} ${id}`;
    const before = this.weights.get(key);
    if (before) this.add(part, before, -1);
    if (entry === undefined) return void this.weights.delete(key);
    const weight = weigh(entry);
    this.weights.set(key, weight);
    this.add(part, weight, 1);
  }

  /** What there is too much of, in words for a log; empty when everything is within its limits. */
  excess(edition: Deck): readonly string[] {
    const { added, drawn } = { added: this.counts.get('added') ?? 0, drawn: this.counts.get('drawn') ?? 0 };
    const amount = (part: WorkPart) => this.amounts.get(part) ?? 0;
    return [
      ...this.overfullZones(edition),
      ...(amount('answers') > workLimits.allRecordings ? ['more is spoken than there is room for'] : []),
      ...(added > workLimits.addedThings ? [`more than ${workLimits.addedThings} added things`] : []),
      ...(amount('added') > workLimits.allPictures ? ['more pictures are added than there is room for'] : []),
      ...(drawn > workLimits.strokes || amount('drawn') > workLimits.allPoints
        ? ['more is drawn than there is room for']
        : []),
    ];
  }

  private overfullZones(edition: Deck): readonly string[] {
    return [...this.inZones].flatMap(([id, count]) => {
      const zone = edition.items[id];
      return zone?.kind === 'zone' && zone.capacity > 0 && count > zone.capacity
        ? [`zone ${id} takes ${zone.capacity} pieces at most`]
        : [];
    });
  }

  private add(part: WorkPart, { amount, zoneId }: Weight, sign: 1 | -1): void {
    this.counts.set(part, (this.counts.get(part) ?? 0) + sign);
    this.amounts.set(part, (this.amounts.get(part) ?? 0) + sign * amount);
    if (zoneId === null) return;
    const count = (this.inZones.get(zoneId) ?? 0) + sign;
    if (count === 0) this.inZones.delete(zoneId);
    else this.inZones.set(zoneId, count);
  }
}

function weigh(entry: AnyWorkEntry): Weight {
  if (typeof entry !== 'object') return { amount: 0, zoneId: null };
  if ('zoneId' in entry) return { amount: 0, zoneId: entry.zoneId };
  if ('points' in entry) return { amount: entry.points.length, zoneId: null };
  return { amount: 'bytes' in entry ? entry.bytes.length : 0, zoneId: null };
}
