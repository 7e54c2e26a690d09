/** The bin. */
export { BinModule } from './bin.module.js';
export { BinService } from './bin.service.js';
