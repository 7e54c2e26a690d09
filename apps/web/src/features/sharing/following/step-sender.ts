/** Sends where a show is, one after the other and always the last one: what was passed meanwhile is left out. */
import { isSameStop, type Stop } from '@gobrel/core/show';

export class StepSender {
  private wanted: Stop | null = null;
  private sent: Stop | null = null;
  private isSending = false;

  /** @param send sends a stop; one that fails is sent again when the show is said to be there once more */
  constructor(private readonly send: (stop: Stop) => Promise<unknown>) {}

  /** Says where the show is. */
  tell(stop: Stop): void {
    this.wanted = stop;
    if (!this.isSending) void this.sendAll();
  }

  private async sendAll(): Promise<void> {
    this.isSending = true;
    while (this.wanted !== null && !(this.sent && isSameStop(this.sent, this.wanted))) {
      const stop = this.wanted;
      this.sent = stop;
      const isLost = await this.send(stop).then(
        () => false,
        () => true,
      );
      if (isLost) this.sent = null;
      if (isLost && this.wanted === stop) break;
    }
    this.isSending = false;
  }
}
