/** Signing in through the school. */
export { ThroughSchool } from './through-school';
export { Trouble } from './trouble';
