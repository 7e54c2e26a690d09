/** Lessons: handing out, joining, submitting. */
export { LessonArchiveService } from './lesson-archive.service.js';
export { LessonBinService } from './lesson-bin.service.js';
export { LessonsModule } from './lessons.module.js';
