/** The one way in which processes on one database talk to one another. */
export { BusModule } from './bus.module.js';
export { BusService } from './bus.service.js';
export type { BusMessage } from './messages.js';
export { listenForCare } from './care.js';
