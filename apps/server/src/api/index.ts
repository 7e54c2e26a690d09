/** The HTTP API for teachers' own scripts. */
export { ApiModule } from './api.module.js';
