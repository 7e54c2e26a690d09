/** Lessons: handing out, joining, submitting. */
export { LessonArchiveService } from './lesson-archive.service.js';
export { LessonsModule } from './lessons.module.js';
