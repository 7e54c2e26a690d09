/** Somebody who listens to what is said of a shared deck, as a browser does: server-sent events over HTTP. */
import type { TestServer } from './test-server.js';

export class Listener {
  private said = '';

  private constructor(private readonly stop: AbortController) {}

  /** @param address the last part of the share's web address */
  static async to(server: TestServer, address: string): Promise<Listener> {
    const stop = new AbortController();
    const response = await fetch(`${server.address}/api/shows/${address}/news`, { signal: stop.signal });
    if (!response.headers.get('content-type')?.includes('text/event-stream')) throw new Error(await response.text());
    const listener = new Listener(stop);
    listener.read(response).catch(() => undefined);
    return listener;
  }

  /** The data of all events of a type so far. */
  events(type: string): readonly string[] {
    return this.said.split('\n\n').flatMap((event) => {
      const lines = event.split('\n');
      if (!lines.includes(`event: ${type}`)) return [];
      return [
        lines
          .filter((line) => line.startsWith('data: '))
          .map((line) => line.slice(6))
          .join('\n'),
      ];
    });
  }

  leave(): void {
    this.stop.abort();
  }

  private async read(response: Response): Promise<void> {
    const decoder = new TextDecoder();
    for await (const part of response.body ?? []) this.said += decoder.decode(part, { stream: true });
  }
}
