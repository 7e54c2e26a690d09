/** Themes that teachers keep. */
export { ThemesModule } from './themes.module.js';
