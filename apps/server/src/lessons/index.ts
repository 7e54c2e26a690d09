/** Lessons: handing out, joining, submitting. */
export { ClassDeckService } from './class-deck.service.js';
export { LessonArchiveService } from './lesson-archive.service.js';
export { LessonBinService } from './lesson-bin.service.js';
export { StudentArrivalsService } from './student-arrivals.service.js';
export { HandingOutService } from './handing-out.service.js';
export { LessonsService } from './lessons.service.js';
export { ReviewsService } from './reviews.service.js';
export { LessonsModule } from './lessons.module.js';
