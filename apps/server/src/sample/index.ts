/** The sample scenario. */
export { SampleModule } from './sample.module.js';
export { SampleService } from './sample.service.js';
