/** Templates that teachers keep. */
export { TemplatesModule } from './templates.module.js';
export { TemplatesService } from './templates.service.js';
