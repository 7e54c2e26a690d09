/** What a toll is paid for, as the device and the server write it. */
import { plainCode } from './join-code.js';

/** An account for an e-mail address. */
export function purposeOfAccount(email: string): string {
  return `account ${email.trim().toLowerCase()}`;
}

/** A guest of a name in the lesson of a code. */
export function purposeOfGuest(code: string, name: string): string {
  return `guest ${plainCode(code)} ${name.trim()}`;
}
