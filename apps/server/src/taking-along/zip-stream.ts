/** A zip that is sent while it is written: what is in it is never in memory all at once. */
import type { Writable } from 'node:stream';
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
    await this.add(file, strToU8(JSON.stringify(value, null, 2)));
  }

  /** Adds bytes that are packed already. @throws when whoever asked has gone */
  async bytes(name: string, bytes: Uint8Array): Promise<void> {
    await this.add(new ZipPassThrough(name), bytes);
  }

  end(): void {
    this.zip.end();
  }

  private async add(file: ZipDeflate | ZipPassThrough, bytes: Uint8Array): Promise<void> {
    if (this.out.destroyed) throw new Error('whoever asked for the file has gone');
    this.zip.add(file);
    file.push(bytes, true);
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
