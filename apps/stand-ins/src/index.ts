/** Stand-ins for what a school has of its own. */
export { COURSE, PLATFORM_CLIENT, type RunningPlatform, startPlatform } from './platform/index.js';
export { type Person, people } from './people.js';
export { PROVIDER_CLIENT, type RunningProvider, startProvider } from './provider/index.js';
