/** Which passwords are not taken, since everybody would try them first. */
import { dictionary } from '@zxcvbn-ts/language-common';

/** The commonest passwords of the world, in lower case. */
const commonest = new Set(dictionary['passwords-common']);

/** The fewest different letters of a password. */
const FEWEST_LETTERS = 5;

/** Whether somebody who knows its owner's name and address, and what people take, would soon try a password. */
export function isGuessable(
  password: string,
  { name, email }: { readonly name: string; readonly email: string },
): boolean {
  const plain = password.toLowerCase();
  if (new Set(plain).size < FEWEST_LETTERS || isRun(plain)) return true;
  // What is put around a common one to make it longer is known as well: digits and signs at its end.
  const stem = plain.replace(/[\d\W_]+$/, '');
  const own = [email, email.split('@', 1)[0] ?? '', name, ...name.split(/\s+/)].map((part) => part.toLowerCase());
  return [plain, stem].some((each) => commonest.has(each) || own.includes(each));
}

/** Whether each letter follows on the one before, as in 1234567890 and jihgfedcba. */
function isRun(text: string): boolean {
  const steps = [...text].slice(1).map((letter, at) => letter.charCodeAt(0) - text.charCodeAt(at));
  return steps.length > 0 && steps.every((step) => step === steps[0]);
}
