/** Caring for what is kept. */
export { CareModule } from './care.module.js';
