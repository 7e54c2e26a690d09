/** The primitives of every screen. */
export * from './button';
export * from './choose';
export * from './confirm-dialog';
export * from './dialog';
export * from './field';
export * from './file-button';
export * from './form-trouble';
export * from './is-within';
export * from './keys-sheet';
export * from './menu';
export * from './popover';
export * from './select';
export * from './state';
export * from './table';
export * from './tabs';
export * from './tip';
export * from './toast';
