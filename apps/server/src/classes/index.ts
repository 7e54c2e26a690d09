/** A teacher's classes. */
export { ClassesModule } from './classes.module.js';
