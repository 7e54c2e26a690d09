/** A zip that is sent while it is written: what is in it is never in memory all at once. */
import type { Writable } from 'node:stream';
import type { Response } from 'express';
import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate';

export class ZipStream {
  private readonly zip: Zip;
  private failed: Error | null = null;

  /** @param out where it goes; it is ended with the zip */
  constructor(private readonly out: Writable) {
    this.zip = new Zip((error, bytes, isLast) => {
      if (error) this.failed = error;
      else {
        out.write(bytes);
        if (isLast) out.end();
      }
    });
  }

  /** Adds a value as JSON. @throws when whoever asked has gone */
  async json(name: string, value: unknown): Promise<void> {
    const file = new ZipDeflate(name, { level: 6 });
    this.begin(file);
    await this.push(file, strToU8(JSON.stringify(value, null, 2)), true);
  }

  /** Adds bytes that are packed already, as they come. @throws when whoever asked has gone */
  async bytes(name: string, parts: AsyncIterable<Uint8Array> | readonly Uint8Array[]): Promise<void> {
    const file = new ZipPassThrough(name);
    this.begin(file);
    for await (const part of parts) await this.push(file, part, false);
    await this.push(file, new Uint8Array(), true);
  }

  end(): void {
    this.zip.end();
  }

  private begin(file: ZipDeflate | ZipPassThrough): void {
    if (this.out.destroyed) throw new Error(GONE);
    this.zip.add(file);
  }

  private async push(file: ZipDeflate | ZipPassThrough, bytes: Uint8Array, isLast: boolean): Promise<void> {
    if (this.out.destroyed) throw new Error(GONE);
    file.push(bytes, isLast);
    if (this.failed) throw this.failed;
    if (this.out.writableNeedDrain)
      await new Promise<void>((resolve) => {
        const go = () => {
          this.out.off('drain', go).off('close', go);
          resolve();
        };
        this.out.on('drain', go).on('close', go);
      });
  }
}

const GONE = 'whoever asked for the file has gone';

/** Answers with a zip, bit by bit. What fails on the way breaks it off, so that nobody takes a part for the whole. */
export async function sendZip(
  response: Response,
  name: string,
  write: (out: Response) => Promise<void>,
): Promise<void> {
  try {
    await write(response.attachment(name).type('application/zip'));
  } catch (error) {
    if (!response.headersSent) throw error;
    response.destroy(error instanceof Error ? error : undefined);
  }
}
