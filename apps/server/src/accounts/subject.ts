/** What tries at a teacher's password are counted by. */
export function subjectOf(email: string): string {
  return `teacher:${email.toLowerCase()}`;
}
