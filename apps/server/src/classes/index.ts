/** A teacher's classes. */
export { ClassesModule } from './classes.module.js';
export { ClassesService } from './classes.service.js';
