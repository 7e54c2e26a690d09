/** What is needed next is fetched while somebody still reads, so that it is there when they go on. */

/** The student's screen. */
export const loadStudentScreen = () => import('../features/student/student');

/** Fetches the student's screen; that it cannot be had just now matters only when it is needed. */
export function prefetchStudentScreen(): void {
  loadStudentScreen().catch(() => undefined);
}
