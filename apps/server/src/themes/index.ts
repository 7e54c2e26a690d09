/** Themes that teachers keep. */
export { ThemesModule } from './themes.module.js';
export { ThemesService } from './themes.service.js';
