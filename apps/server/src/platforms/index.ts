/** Learning platforms of schools (LTI 1.3). */
export { PlatformsModule } from './platforms.module.js';
