/** Figures of this process. */
export { MetricsModule } from './metrics.module.js';
export { MetricsService } from './metrics.service.js';
