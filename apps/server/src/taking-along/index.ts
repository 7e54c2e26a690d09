/** Taking along what somebody has. */
export { TakingAlongModule } from './taking-along.module.js';
