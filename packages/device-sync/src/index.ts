/** A device's side of a shared document: what it sends, and when that is said to be saved. */
export { DeviceProvider } from './device-provider.js';
