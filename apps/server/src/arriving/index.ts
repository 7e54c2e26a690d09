/** Whoever comes from a system outside, and who they are here. */
export { ArrivingModule } from './arriving.module.js';
export { OutsideIdentitiesService } from './outside-identities.service.js';
export type { OutsidePerson } from './outside-person.js';
export { TeacherArrivalsService } from './teacher-arrivals.service.js';
export { WaitingArrivalsService } from './waiting-arrivals.service.js';
