/** Starters that teachers keep. */
export { StartersModule } from './starters.module.js';
