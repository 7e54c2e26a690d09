/** Lessons: handing out, joining, submitting. */
export { ClassDeckService } from './class-deck.service.js';
export { LessonArchiveService } from './lesson-archive.service.js';
export { LessonBinService } from './lesson-bin.service.js';
export { LessonsModule } from './lessons.module.js';
