/** Sends where a show is, one after the other and always the last one: what was passed meanwhile is left out. */
import { isSameStop, type Stop } from '@gobrel/core/show';

export class StepSender {
  private wanted: Stop | null = null;
  private sent: Stop | null = null;
  private isSending = false;

  /** @param send sends a stop; one that fails is not sent again, as the next one says where the show is */
  constructor(private readonly send: (stop: Stop) => Promise<unknown>) {}

  /** Says where the show is. */
  tell(stop: Stop): void {
    this.wanted = stop;
    if (!this.isSending) void this.sendAll();
  }

  private async sendAll(): Promise<void> {
    this.isSending = true;
    while (this.wanted !== null && !(this.sent && isSameStop(this.sent, this.wanted))) {
      this.sent = this.wanted;
      await this.send(this.sent).catch(() => undefined);
    }
    this.isSending = false;
  }
}
