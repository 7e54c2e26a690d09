/** What can be wrong with a field of a form, as codes that the interface puts into words. */

/** Everything that is said of a field; `other` where a rule of its own has no words. */
const faultCodes = [
  'address-taken',
  'ages',
  'class',
  'class-name',
  'code',
  'colleague-email',
  'deck',
  'deck-title',
  'doing',
  'email',
  'email-too-long',
  'file-name',
  'first-name',
  'group-name',
  'moment',
  'name',
  'name-in-use',
  'name-on-list',
  'no-such-account',
  'other',
  'outside-address',
  'own-name',
  'pace',
  'passcode',
  'password',
  'password-guessable',
  'password-none',
  'password-wrong',
  'password-too-short',
  'pictures',
  'pin',
  'platform-id',
  'platform-name',
  'question',
  'review',
  'school-name',
  'search',
  'slide',
  'slide-size',
  'slides',
  'subject',
  'team-name',
  'template-name',
  'student-name',
  'students',
  'submission',
  'terms',
  'theme',
  'through-school',
  'token-name',
  'token-scopes',
  'too-many-students',
  'unit-name',
  'until',
  'version-name',
  'work-mode',
  'wrong-pin',
] as const;

/** What is wrong with a field. */
export type FaultCode = (typeof faultCodes)[number];

/** What a rule of class-validator reports when it is broken. */
export function fault(code: FaultCode): { readonly message: FaultCode } {
  return { message: code };
}

/** A rule's report as a code; `other` for what a rule says by itself. */
export function faultOf(report: string | undefined): FaultCode {
  return faultCodes.find((code) => code === report) ?? 'other';
}
