/**
 * Decodes pictures in a process of its own, as what strangers bring may take any time and memory: it has bounds to both,
 * and is ended and started again when it goes beyond them.
 */
import { type ChildProcess, spawn } from 'node:child_process';
import { fileURLToPath } from 'node:url';
import type { Problem } from '@gobrel/contract';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { ProblemException, refuse } from '../errors/index.js';
import { TurnsOfOwners } from '../turns/turns-of-owners.js';

/** A picture that can be stored and shown; sizes in pixels. */
interface ReadPicture {
  readonly bytes: Buffer;
  readonly mediaType: string;
  readonly width: number;
  readonly height: number;
  /** Whether it is a moving picture. */
  readonly moving: boolean;
}

type Outcome = { readonly picture: ReadPicture } | { readonly bytes: Buffer } | { readonly problem: Problem };

interface Job {
  readonly act: 'read' | 'still';
  readonly bytes: Buffer;
  settle(outcome: Outcome): void;
}

/** The longest that a picture may take, in milliseconds: the largest that are taken need a third of it. */
const LONGEST = 15_000;
/** The most memory that the process may reserve, in kilobytes; a fifth of it is what Node.js reserves to begin with. */
const MOST_MEMORY = 4 * 1024 * 1024;
/** The most pictures that wait. */
const MOST_WAITING = 500;

const SLOW: Problem = { status: 422, code: 'slow-picture' };
const BROKEN: Problem = { status: 422, code: 'broken-picture' };

const script = fileURLToPath(new URL('../../decoder/decoder.mjs', import.meta.url));

@Injectable()
export class PictureDecoder implements OnModuleDestroy {
  private readonly waiting = new TurnsOfOwners<Job>();
  private decoder: ChildProcess | null = null;
  private current: Job | null = null;
  private timer: NodeJS.Timeout | undefined;

  /** Recognises a picture, decodes and bounds it. @throws ProblemException when it is none, is broken, or takes too long */
  async read(bytes: Buffer, owner: string): Promise<ReadPicture> {
    const outcome = await this.ask('read', bytes, owner);
    if (!('picture' in outcome)) throw new ProblemException(BROKEN);
    return outcome.picture;
  }

  /** The first picture of a moving one, as WebP. @throws ProblemException when it cannot be had */
  async still(bytes: Buffer, owner: string): Promise<Buffer> {
    const outcome = await this.ask('still', bytes, owner);
    if (!('bytes' in outcome)) throw new ProblemException(BROKEN);
    return outcome.bytes;
  }

  onModuleDestroy(): void {
    clearTimeout(this.timer);
    this.decoder?.kill('SIGKILL');
  }

  private async ask(act: Job['act'], bytes: Buffer, owner: string): Promise<Outcome> {
    if (this.waiting.size >= MOST_WAITING) throw refuse(503, 'full');
    const outcome = await new Promise<Outcome>((settle) => {
      this.waiting.add(owner, { act, bytes, settle });
      this.go();
    });
    if ('problem' in outcome) throw new ProblemException(outcome.problem);
    return outcome;
  }

  private go(): void {
    if (this.current) return;
    const job = this.waiting.next();
    if (!job) return;
    this.current = job;
    this.timer = setTimeout(() => this.end({ problem: SLOW }), LONGEST);
    this.decoder ??= this.start();
    this.decoder.send({ act: job.act, bytes: job.bytes });
  }

  private start(): ChildProcess {
    // `sh` sets the bound on memory and becomes the process itself.
    const decoder = spawn('sh', ['-c', `ulimit -v ${MOST_MEMORY}; exec "$0" "$1"`, process.execPath, script], {
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
      serialization: 'advanced',
    });
    decoder.on('message', (outcome: Outcome) => {
      if (this.decoder === decoder) this.settle(outcome);
    });
    // Ended by itself: what it worked on was more than it could take.
    decoder.on('exit', () => {
      if (this.decoder === decoder) this.end({ problem: BROKEN });
    });
    decoder.on('error', () => undefined);
    return decoder;
  }

  /** Ends the process, with an answer to whoever waits for it. */
  private end(outcome: Outcome): void {
    const { decoder } = this;
    this.decoder = null;
    decoder?.kill('SIGKILL');
    this.settle(outcome);
  }

  private settle(outcome: Outcome): void {
    clearTimeout(this.timer);
    const job = this.current;
    this.current = null;
    job?.settle(outcome);
    this.go();
  }
}
