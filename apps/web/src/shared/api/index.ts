/** The server, as the screens see it. */
export { askPaying } from './ask-paying';
export * from './client';
export { followOtherWindows, renewEverywhere } from './other-windows';
export * from './queries';
export { serverNow } from './clock';
export { type FormValues, useSentForm } from './use-sent-form';
