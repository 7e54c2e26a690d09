/** What stands around the screens. */
export { Brand } from './brand';
export { ForTeachers } from './for-teachers';
export { InvitationCard } from './invitation-card';
export { InvitedScreen } from './invited-screen';
export { LeavingDialog } from './leaving-dialog';
export { useLeaving } from './use-leaving';
export { KeptNote } from './kept-note';
export { LanguageChoice } from './language-choice';
export { useScheme } from './scheme';
export { SchemeButton } from './scheme-button';
export { TeacherPage } from './teacher-page';
