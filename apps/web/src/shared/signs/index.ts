/** The collection of signs and stickers, and choosing from it. */
export { type Collected, signFields } from './collection';
export { SignPicker } from './sign-picker';
