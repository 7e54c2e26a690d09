/** Lessons: handing out, joining, submitting. */
export { LessonsModule } from './lessons.module.js';
