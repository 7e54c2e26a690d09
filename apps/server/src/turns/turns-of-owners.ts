/** A queue in which everybody has their turn: who brings much waits for their own, and not others for them. */

/** How many of those who had a turn are remembered. */
const REMEMBERED = 1000;

/** Jobs by whose they are. */
export class TurnsOfOwners<Job> {
  private readonly waiting = new Map<string, Job[]>();
  /** Whoever had a turn, the last one at the end. */
  private readonly served = new Set<string>();
  /** How many wait. */
  size = 0;

  add(owner: string, job: Job): void {
    const jobs = this.waiting.get(owner);
    if (jobs) jobs.push(job);
    else this.waiting.set(owner, [job]);
    this.size += 1;
  }

  /** The next job: the oldest of whoever has not had a turn for longest; `undefined` when nothing waits. */
  next(): Job | undefined {
    const owners = [...this.waiting.keys()];
    const owner =
      owners.find((each) => !this.served.has(each)) ?? [...this.served].find((each) => this.waiting.has(each));
    if (owner === undefined) return undefined;
    const [job, ...rest] = this.waiting.get(owner) ?? [];
    if (rest.length > 0) this.waiting.set(owner, rest);
    else this.waiting.delete(owner);
    this.size -= 1;
    this.remember(owner);
    return job;
  }

  private remember(owner: string): void {
    this.served.delete(owner);
    this.served.add(owner);
    const [first] = this.served;
    if (this.served.size > REMEMBERED && first !== undefined) this.served.delete(first);
  }
}
