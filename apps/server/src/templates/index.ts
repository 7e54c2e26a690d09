/** Templates that teachers keep. */
export { TemplatesModule } from './templates.module.js';
