/** Schools. */
export { SchoolModule } from './school.module.js';
export { SchoolsService } from './schools.service.js';
export { TeamsService } from './teams.service.js';
